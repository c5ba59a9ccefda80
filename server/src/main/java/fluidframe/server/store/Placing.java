package fluidframe.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Difference;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Puts documents of one kind in the place of what is there, and takes them back; in the caller's transaction if there is one. */
final class Placing<T> {
    private final Documents<T, ?> documents;
    private final Describing<T, ?> describing;
    private final DocumentStore store;

    Placing(Documents<T, ?> documents, Describing<T, ?> describing, DocumentStore store) {
        this.documents = documents;
        this.describing = describing;
        this.store = store;
    }

    /**
     * Puts a document under an id; of what is there a version is kept first.
     *
     * @param note why that is kept
     */
    Taking.Put put(String id, JsonNode document, String note) {
        T value = documents.read(document);
        Kind kind = documents.traits().kind();
        if (documents.traits().id(value).filter(own -> !own.equals(id)).isPresent())
            throw new IllegalArgumentException("The id in the document must be \"" + id + "\", as it is taken under");
        return store.write(() -> {
            Optional<DocumentRow> there = store.rows().findById(documents.key(id));
            DocumentRow row = there.orElseGet(() -> new DocumentRow(documents.key(id)));
            boolean binned = row.binnedAt().isPresent();
            long before = there.isPresent() ? documents.nextVersion(id) : 0;
            if (before > 0) documents.keepVersion(row, before, note);
            String name = documents.traits().name(value);
            documents.refuseTaken(name, id);
            row.replaceWith(describing.bare(value), store.now(), before + 1);
            store.rows().saveAndFlush(row);
            documents.usersAreOutdated(id);
            return new Taking.Put(kind.toString(), id, name, row.version(), before, binned);
        });
    }

    /** Takes back what was put, if nobody has changed it since. */
    void takeBack(Taking.Put put) {
        store.write(() -> {
            DocumentRow row = documents.live(put.id());
            if (row.version() != put.version()) {
                throw new IllegalArgumentException(
                        "\"" + row.name() + "\" has been changed since it was taken in: nothing was undone");
            }
            if (put.before() == 0) {
                // Not for good: whoever undoes twice, or late, loses nothing.
                row.bin(store.now());
                store.rows().saveAndFlush(row);
            } else {
                VersionRow kept = store.versions()
                        .findById(new VersionRow.Key(put.kind(), put.id(), put.before()))
                        .orElseThrow(() -> documents.missing(put.id()));
                row.replaceWith(documents.bareOf(kept.text()).as(kept.text()), store.now(), 0);
                if (put.binned()) row.bin(store.now());
                store.rows().saveAndFlush(row);
            }
            documents.usersAreOutdated(put.id());
            return null;
        });
    }

    /** In what a document differs from what is there: in nothing where the two are equal; empty where nothing is there. */
    Optional<List<Difference>> differences(String id, JsonNode document) {
        return documents
                .find(id)
                .map(there -> documents.traits().format().differences(there.value(), documents.read(document)));
    }

    /** What stands against what somebody has, as a stale save would tell both sides. */
    StaleException.Sides against(String id, JsonNode yours) {
        Document<T> current = documents.get(id);
        return StaleException.Sides.of(
                documents.traits().format(), current.version(), current.value(), documents.read(yours));
    }

    /** What a document names. */
    Set<Ref> uses(JsonNode document) {
        return documents.traits().uses(documents.read(document));
    }

    /** What a document is called. */
    String name(JsonNode document) {
        return documents.traits().name(documents.read(document));
    }
}
