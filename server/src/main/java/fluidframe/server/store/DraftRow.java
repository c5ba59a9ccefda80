package fluidframe.server.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/** Unsaved work of one window, as it stands even where it cannot be read yet; without a text once it has been saved. */
@Entity
@Table(name = "draft")
class DraftRow {
    /** On what, and in which window. */
    @Embeddable
    record Key(
            String kind,
            String id,
            @Column(name = "window_id") String window) implements Serializable {}

    @EmbeddedId
    private Key key;

    private long baseVersion;

    /** Counts what the window sent, so that what arrives late changes nothing. */
    private long number;

    @Lob
    @Column(columnDefinition = "clob")
    private String text;

    private Instant savedAt;

    protected DraftRow() {}

    DraftRow(Key key) {
        this.key = key;
        this.number = -1;
    }

    boolean isOlderThan(long other) {
        return number < other;
    }

    void replaceWith(long newNumber, long newBase, String newText, Instant now) {
        number = newNumber;
        baseVersion = newBase;
        text = newText;
        savedAt = now;
    }

    Drafts.Draft draft() {
        return new Drafts.Draft(key.window(), number, baseVersion, text, savedAt);
    }
}
