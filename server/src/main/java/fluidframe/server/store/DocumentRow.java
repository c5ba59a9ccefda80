package fluidframe.server.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/** A document kept whole in the open format; the other columns are what is searched and listed. */
@Entity
@Table(name = "document")
class DocumentRow {
    /** Something the document names. */
    @Embeddable
    record Use(String usedKind, String usedId) {}

    /** Everything a save replaces, worked out before the transaction begins. */
    record Content(String name, String dance, String words, String text, Set<Use> uses, String summary, String stamp) {
        /** The same beside a text that says it in its own way. */
        Content as(String kept) {
            return new Content(name, dance, words, kept, uses, summary, stamp);
        }
    }

    @EmbeddedId
    private DocumentKey key;

    private String name;
    private String sortName;
    private String dance;
    private String words;
    private long version;

    @Lob
    @Column(columnDefinition = "clob")
    private String text;

    private Instant savedAt;
    private Instant binnedAt;
    private String summary;

    /** What the summary was worked out with; empty where it has to be worked out anew. */
    private String summaryStamp;

    @ElementCollection
    @CollectionTable(
            name = "document_use",
            joinColumns = {
                @JoinColumn(name = "kind", referencedColumnName = "kind"),
                @JoinColumn(name = "id", referencedColumnName = "id")
            })
    private Set<Use> uses = new HashSet<>();

    protected DocumentRow() {}

    DocumentRow(DocumentKey key) {
        this.key = key;
    }

    /**
     * The next version; whatever was in the bin is out of it.
     *
     * @param atLeast the least number it may have, so that it does not meet a version kept before
     */
    void replaceWith(Content content, Instant now, long atLeast) {
        describe(content);
        text = content.text();
        version = Math.max(version + 1, atLeast);
        savedAt = now;
        binnedAt = null;
    }

    /** Everything but the text itself, worked out anew. */
    void describe(Content content) {
        name = content.name();
        sortName = DocumentRows.sorted(content.name());
        dance = content.dance();
        words = content.words();
        summary = content.summary();
        summaryStamp = content.stamp();
        if (!uses.equals(content.uses())) {
            uses.clear();
            uses.addAll(content.uses());
        }
    }

    /** What lists show has to be worked out anew. */
    void outdate() {
        summaryStamp = "";
    }

    void bin(Instant now) {
        binnedAt = now;
    }

    void putBack() {
        binnedAt = null;
    }

    DocumentKey key() {
        return key;
    }

    String name() {
        return name;
    }

    long version() {
        return version;
    }

    String text() {
        return text;
    }

    Instant savedAt() {
        return savedAt;
    }

    Optional<Instant> binnedAt() {
        return Optional.ofNullable(binnedAt);
    }
}
