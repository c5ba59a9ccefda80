package fluidframe.server.list;

import fluidframe.library.FigureList;
import fluidframe.library.FigureLists;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A coach's own list, kept in the format in which it is exchanged. */
@Entity
@Table(name = "figure_list")
class FigureListEntity {
    @Id
    private UUID id;

    private String name;

    @Version
    private long version;

    @Lob
    @Column(columnDefinition = "clob")
    private String document;

    private Instant savedAt;

    protected FigureListEntity() {}

    static FigureListEntity of(FigureList list, Instant now) {
        FigureListEntity entity = new FigureListEntity();
        entity.id = UUID.randomUUID();
        entity.replaceWith(list, now);
        return entity;
    }

    void replaceWith(FigureList list, Instant now) {
        name = list.name();
        document = FigureLists.toYaml(list);
        savedAt = now;
    }

    FigureList list() {
        return FigureLists.read(document).list().orElseThrow();
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    long version() {
        return version;
    }
}
