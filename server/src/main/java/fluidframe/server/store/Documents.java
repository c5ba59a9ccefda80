package fluidframe.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Format;
import fluidframe.library.text.Salvaged;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.refusal.UnreadableException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/**
 * Everything a studio keeps of one kind: made, saved against the version it was begun from, kept as versions, put into the bin
 * and brought back, and listed. Reading and working out happens outside of transactions, which only touch rows.
 *
 * @param <T> the core's value
 * @param <S> what a list shows of one
 */
public final class Documents<T, S> {
    private final Traits<T, S> traits;
    private final DocumentStore store;
    private final String kind;
    private final Describing<T, S> describing;
    private final DocumentList<T, S> list;

    Documents(Traits<T, S> traits, DocumentStore store) {
        this.traits = traits;
        this.store = store;
        this.kind = traits.kind().toString();
        this.describing = new Describing<>(traits, store);
        this.list = new DocumentList<>(this, describing, store);
    }

    public Traits<T, S> traits() {
        return traits;
    }

    /** The value that a document says; refuses with every problem and its path. */
    public T read(JsonNode document) {
        return traits.format().read(document).orThrow(UnreadableException::new);
    }

    /** Refuses what is not there, and what lies in the bin. */
    public Document<T> get(String id) {
        DocumentRow row = store.read(() -> store.rows().findById(key(id))).orElseThrow(() -> missing(id));
        if (row.binnedAt().isPresent()) throw new BinnedException(traits.kind(), row.name());
        return document(row);
    }

    /** Empty for what is not there or lies in the bin. */
    public Optional<Document<T>> find(String id) {
        return store.read(() -> store.rows().findById(key(id)))
                .filter(row -> row.binnedAt().isEmpty())
                .map(this::document);
    }

    /** A new one under an id of its own. */
    public Document<T> create(T value) {
        return create(Optional.empty(), value);
    }

    /** A new one under the id wanted, or another where that is taken, also by something in the bin. */
    private Document<T> create(Optional<String> wanted, T value) {
        Describing.Described<S> content = describing.of(value);
        return store.write(() -> {
            String id = wanted.filter(free -> !store.rows().existsById(key(free)))
                    .orElseGet(() -> UUID.randomUUID().toString());
            return document(keep(new DocumentRow(key(id)), content, 0), value);
        });
    }

    /** Takes a file in, under its own id if that is free; refuses with every problem and its line, and by {@code refuse}. */
    public Document<T> take(String text, Consumer<T> refuse) {
        T value = readFile(text);
        refuse.accept(value);
        return create(Format.idIn(text), value);
    }

    private T readFile(String text) {
        return traits.format().read(text).orThrow(UnreadableException::new);
    }

    /**
     * Takes many files in at once: what lists show of them is worked out later, for whoever takes them in is waited for.
     *
     * @param note why each is kept as a version
     */
    public void furnish(List<String> texts, Optional<String> note) {
        store.write(() -> {
            for (String text : texts) {
                T value = readFile(text);
                DocumentRow row = new DocumentRow(key(idOf(text, value)));
                row.replaceWith(describing.bare(value), store.now(), 0);
                store.rows().save(row);
                note.ifPresent(words -> keepVersion(row, row.version(), words));
            }
            return null;
        });
    }

    private String idOf(String text, T value) {
        return traits.id(value)
                .or(() -> Format.idIn(text))
                .orElseGet(() -> UUID.randomUUID().toString());
    }

    /**
     * The next version of one that is there; refuses if it has been saved since {@code expected}, with both sides.
     *
     * @param note why it is kept as a version; empty where it is not
     */
    public Document<T> save(String id, long expected, T value, Optional<String> note) {
        return save(id, expected, value, false, note, () -> {});
    }

    /**
     * The next version, kept under its number with a note.
     *
     * @param expected the version it was begun from; 0 for one that was not there or lies in the bin
     * @param alongside done in the same transaction: both or neither
     */
    public Document<T> saveVersion(String id, long expected, T value, String note, Runnable alongside) {
        return save(id, expected, value, true, Optional.of(note), alongside);
    }

    private Document<T> save(
            String id, long expected, T value, boolean mayBeNew, Optional<String> note, Runnable alongside) {
        Describing.Described<S> content = describing.of(value);
        try {
            return store.write(() -> {
                Optional<DocumentRow> found = store.rows().findById(key(id));
                if (found.isEmpty() && (!mayBeNew || expected != 0)) throw missing(id);
                DocumentRow row = found.orElseGet(() -> new DocumentRow(key(id)));
                boolean binned = row.binnedAt().isPresent();
                if (binned && !mayBeNew) throw new BinnedException(traits.kind(), row.name());
                if ((binned ? 0 : row.version()) != expected) throw new Overtaken(row.version(), row.text());
                keep(row, content, note.isPresent() ? nextVersion(id) : 0);
                note.ifPresent(words -> keepVersion(row, row.version(), words));
                alongside.run();
                return document(row, value);
            });
        } catch (Overtaken e) {
            throw stale(expected, e, value);
        }
    }

    private StaleException stale(long expected, Overtaken overtaken, T yours) {
        T current = traits.format().salvage(overtaken.text()).value();
        return new StaleException(
                traits.name(yours),
                expected,
                StaleException.Sides.of(traits.format(), overtaken.version(), current, yours));
    }

    private DocumentRow keep(DocumentRow row, Describing.Described<S> described, long atLeast) {
        String name = described.content().name();
        if (traits.isNameUnique()
                && store.rows()
                        .isNamed(kind, DocumentRows.sorted(name), row.key().id())) {
            throw traits.kind().nameTaken(name);
        }
        row.replaceWith(described.content(), store.now(), atLeast);
        if (described.isOutdated(store)) row.outdate();
        DocumentRow kept = store.rows().saveAndFlush(row);
        usersAreOutdated(row.key().id());
        return kept;
    }

    void refuseTaken(String name, String but) {
        if (traits.isNameUnique() && store.rows().isNamed(kind, DocumentRows.sorted(name), but)) {
            throw traits.kind().nameTaken(name);
        }
    }

    void usersAreOutdated(String id) {
        if (!traits.isUsedInSummaries()) return;
        store.nextGeneration();
        store.rows().outdateUsersOf(kind, id);
    }

    /**
     * What others show of this one in their lists is no longer so: for whoever keeps what is read here in memory. The change
     * itself has outdated them already; what fails here leaves only what was worked out in between.
     */
    public void outdateUsersOf(String id) {
        store.writeIfPossible(() -> usersAreOutdated(id));
    }

    /**
     * Into the bin, from which it comes back as it was.
     *
     * @param alongside done in the same transaction: both or neither
     */
    public void bin(String id, Runnable alongside) {
        store.write(() -> {
            DocumentRow row = live(id);
            row.bin(store.now());
            store.rows().saveAndFlush(row);
            usersAreOutdated(id);
            alongside.run();
            return null;
        });
    }

    /** Out of the bin. */
    void putBack(String id) {
        store.write(() -> {
            DocumentRow row = store.rows().findById(key(id)).orElseThrow(() -> missing(id));
            refuseTaken(row.name(), id);
            row.putBack();
            store.rows().saveAndFlush(row);
            usersAreOutdated(id);
            return null;
        });
    }

    /** For good, with its versions; only from the bin. */
    void remove(String id) {
        store.write(() -> {
            DocumentRow row = store.rows().findById(key(id)).orElseThrow(() -> missing(id));
            if (row.binnedAt().isEmpty()) {
                throw new IllegalArgumentException(
                        "Only what is in the bin can be removed for good, but \"" + row.name() + "\" is not there");
            }
            store.rows().delete(row);
            return null;
        });
    }

    DocumentRow live(String id) {
        return store.rows()
                .findById(key(id))
                .filter(row -> row.binnedAt().isEmpty())
                .orElseThrow(() -> missing(id));
    }

    /** The versions kept, the newest first. */
    public List<VersionLine> versions(String id) {
        return store.read(() -> store.versions().lines(kind, id));
    }

    public Optional<T> version(String id, long number) {
        return store.read(() -> store.versions().findById(new VersionRow.Key(kind, id, number)))
                .map(row -> traits.format().salvage(row.text()).value());
    }

    /** Keeps what was last saved as the next version. */
    public VersionLine keepVersion(String id, String note) {
        return store.write(() -> keepVersion(live(id), nextVersion(id), note));
    }

    long nextVersion(String id) {
        return store.versions().newest(kind, id).orElse(0L) + 1;
    }

    VersionLine keepVersion(DocumentRow row, long number, String note) {
        VersionRow.Key key = new VersionRow.Key(kind, row.key().id(), number);
        store.versions().save(new VersionRow(key, note, row.text(), store.now()));
        return new VersionLine(number, note, store.now());
    }

    /** Part of the list, in order of names. What a line shows is worked out anew where it is outdated, and kept. */
    public Page<S> page(Page.Request request) {
        return list.page(request);
    }

    /** The same without counting the others: its total is that of this part. */
    public Page<S> uncounted(Page.Request request) {
        return list.uncounted(request);
    }

    /** What lists show of all of them, by their ids. */
    public Map<String, S> summaries() {
        return list.summaries();
    }

    DocumentList<T, S> list() {
        return list;
    }

    /** Which documents there are, and when each was saved last; for whoever keeps them read. */
    public Map<String, Instant> saved() {
        return store.read(() -> store.rows().states(kind)).stream()
                .collect(Collectors.toMap(DocumentRows.State::id, DocumentRows.State::savedAt));
    }

    Placing<T> placing() {
        return new Placing<>(this, describing, store);
    }

    DocumentRow.Content bareOf(String text) {
        return describing.bare(traits.format().salvage(text).value());
    }

    /** Whether there is one of that id, also in the bin. */
    public boolean isTaken(String id) {
        return store.read(() -> store.rows().existsById(key(id)));
    }

    private Document<T> document(DocumentRow row) {
        Salvaged<T> salvaged = traits.format().salvage(row.text());
        return new Document<>(row.key().id(), row.version(), row.savedAt(), salvaged.value(), salvaged.problems());
    }

    private static <T> Document<T> document(DocumentRow row, T value) {
        return new Document<>(row.key().id(), row.version(), row.savedAt(), value, List.of());
    }

    DocumentKey key(String id) {
        return new DocumentKey(kind, id);
    }

    NotFoundException missing(String id) {
        return new NotFoundException("There is no " + kind + " \"" + id + "\"");
    }
}
