package fluidframe.server.figure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

/** Unsaved work on a figure, kept as it stands even where it cannot be read as a chart yet. */
@Entity
@Table(name = "figure_draft")
class FigureDraftEntity {
    @Id
    private String figureId;

    private int baseNumber;

    @Lob
    @Column(columnDefinition = "clob")
    private String document;

    private Instant savedAt;

    protected FigureDraftEntity() {}

    static FigureDraftEntity of(String figureId, int baseNumber, String document, Instant now) {
        FigureDraftEntity entity = new FigureDraftEntity();
        entity.figureId = figureId;
        entity.baseNumber = baseNumber;
        entity.document = document;
        entity.savedAt = now;
        return entity;
    }

    String figureId() {
        return figureId;
    }

    int baseNumber() {
        return baseNumber;
    }

    String document() {
        return document;
    }

    Instant savedAt() {
        return savedAt;
    }
}
