package fluidframe.server.routine;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;

/** A routine as it was when the coach kept a version of it; never changed again. */
@Entity
@Table(name = "routine_version")
class RoutineVersionEntity {
    /** Which routine, and which of its versions, from 1. */
    @Embeddable
    record Key(UUID routineId, int number) implements Serializable {}

    @EmbeddedId
    private Key key;

    private String note;

    @Lob
    @Column(columnDefinition = "clob")
    private String document;

    private Instant savedAt;

    protected RoutineVersionEntity() {}

    RoutineVersionEntity(Key key, String note, String document, Instant savedAt) {
        this.key = key;
        this.note = note;
        this.document = document;
        this.savedAt = savedAt;
    }

    int number() {
        return key.number();
    }

    String note() {
        return note;
    }

    String document() {
        return document;
    }

    Instant savedAt() {
        return savedAt;
    }
}
