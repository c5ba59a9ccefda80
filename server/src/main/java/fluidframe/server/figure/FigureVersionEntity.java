package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.library.ChartReader;
import fluidframe.library.ChartWriter;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/** A saved version of a figure; never changed afterwards. */
@Entity
@Table(name = "figure_version")
class FigureVersionEntity {
    /** Which version of which figure; versions count from 1. */
    @Embeddable
    record Key(String figureId, int number) implements Serializable {}

    @EmbeddedId
    private Key key;

    private String note;

    @Lob
    @Column(columnDefinition = "clob")
    private String document;

    private Instant savedAt;

    protected FigureVersionEntity() {}

    static FigureVersionEntity of(Chart chart, int number, String note, Instant now) {
        FigureVersionEntity entity = new FigureVersionEntity();
        entity.key = new Key(chart.id(), number);
        entity.note = note;
        entity.document = ChartWriter.toYaml(chart);
        entity.savedAt = now;
        return entity;
    }

    Chart toChart() {
        return ChartReader.read(document).orThrow();
    }

    int number() {
        return key.number();
    }

    String note() {
        return note;
    }

    Instant savedAt() {
        return savedAt;
    }
}
