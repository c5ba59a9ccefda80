package fluidframe.server.routine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A routine kept whole. */
@Entity
@Table(name = "routine")
class RoutineEntity {
    @Id
    private UUID id;

    private String dance;
    private String name;

    @Version
    private long version;

    @Lob
    @Column(columnDefinition = "clob")
    private String document;

    private Instant savedAt;

    protected RoutineEntity() {}

    static RoutineEntity of(UUID id, RoutineDraft draft, String document, Instant now) {
        RoutineEntity entity = new RoutineEntity();
        entity.id = id;
        entity.replaceWith(draft, document, now);
        return entity;
    }

    void replaceWith(RoutineDraft draft, String newDocument, Instant now) {
        dance = draft.dance();
        name = draft.name();
        document = newDocument;
        savedAt = now;
    }

    UUID id() {
        return id;
    }

    long version() {
        return version;
    }

    String document() {
        return document;
    }

    Instant savedAt() {
        return savedAt;
    }
}
