package fluidframe.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/** A document as it was when a version of it was kept; never changed afterwards. */
@Entity
@Table(name = "document_version")
class VersionRow {
    /** Which version of which document; versions count from 1. */
    @Embeddable
    record Key(String kind, String id, long number) implements Serializable {}

    @EmbeddedId
    private Key key;

    private String note;

    @Lob
    @Column(columnDefinition = "clob")
    private String text;

    private Instant savedAt;

    protected VersionRow() {}

    VersionRow(Key key, String note, String text, Instant savedAt) {
        this.key = key;
        this.note = note;
        this.text = text;
        this.savedAt = savedAt;
    }

    String text() {
        return text;
    }
}
