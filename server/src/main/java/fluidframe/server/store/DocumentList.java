package fluidframe.server.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.data.domain.Limit;

/** The list of one kind of documents, from what is kept beside their texts. */
final class DocumentList<T, S> {
    private static final int SOME = 50;

    private final Documents<T, S> documents;
    private final Describing<T, S> describing;
    private final DocumentStore store;
    private final String kind;

    DocumentList(Documents<T, S> documents, Describing<T, S> describing, DocumentStore store) {
        this.documents = documents;
        this.describing = describing;
        this.store = store;
        this.kind = describing.traits().kind().toString();
    }

    /** Part of the list, in order of names. What a line shows is worked out anew where it is outdated, and kept. */
    Page<S> page(Page.Request request) {
        return page(request, true);
    }

    /** The same, with no more counted than this part, since to count takes as long as to look through all of them. */
    Page<S> uncounted(Page.Request request) {
        return page(request, false);
    }

    private Page<S> page(Page.Request request, boolean counted) {
        Page.Cursor after = Page.Cursor.parse(request.after());
        String words = "%" + escaped(request.search()) + "%";
        record Found(List<DocumentRows.Line> lines, long total) {}
        Found found = store.read(() -> new Found(
                store.rows()
                        .page(kind, request.dance(), words, after.name(), after.id(), Limit.of(request.limit() + 1)),
                counted ? store.rows().count(kind, request.dance(), words) : -1));
        boolean more = found.lines().size() > request.limit();
        List<DocumentRows.Line> shown = more ? found.lines().subList(0, request.limit()) : found.lines();
        Map<String, S> anew = describedAnew(shown).summaries();
        Optional<String> next = Optional.of(shown)
                .filter(lines -> more)
                .map(lines -> lines.get(lines.size() - 1))
                .map(last -> new Page.Cursor(last.sortName(), last.id()).toString());
        return new Page<>(
                shown.stream()
                        .filter(line -> anew.containsKey(line.id()) || line.summary() != null)
                        .map(line -> new Page.Line<>(
                                line.id(),
                                line.version(),
                                line.savedAt(),
                                anew.containsKey(line.id()) ? anew.get(line.id()) : summary(line)))
                        .toList(),
                counted ? found.total() : shown.size(),
                next);
    }

    /** What lists show of all of them, by their ids. */
    Map<String, S> summaries() {
        Map<String, S> all = new HashMap<>();
        Optional<String> after = Optional.of("");
        while (after.isPresent()) {
            Page<S> page = page(new Page.Request("", "", after.get(), Page.Request.MOST));
            page.lines().forEach(line -> all.put(line.id(), line.summary()));
            after = page.next();
        }
        return all;
    }

    private static String escaped(String search) {
        return search.strip().toLowerCase(Locale.ROOT).replaceAll("[!%_]", "!$0");
    }

    private S summary(DocumentRows.Line line) {
        try {
            return store.mapper().readValue(line.summary(), describing.traits().summaryType());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A kept summary is JSON", e);
        }
    }

    private Anew<S> describedAnew(List<DocumentRows.Line> lines) {
        Map<String, S> anew = new HashMap<>();
        Map<String, Redescribed<S>> kept = new HashMap<>();
        for (DocumentRows.Line line : lines) {
            if (Objects.equals(line.stamp(), store.stamp())) continue;
            documents.find(line.id()).ifPresent(document -> {
                Describing.Described<S> described = describing.of(document.value());
                anew.put(line.id(), described.summary());
                kept.put(line.id(), new Redescribed<>(document.version(), described, store));
            });
        }
        return new Anew<>(anew, kept.isEmpty() || keep(kept));
    }

    /** So that it need not be worked out again; a list is shown even where nothing can be written at the moment. */
    private boolean keep(Map<String, Redescribed<S>> described) {
        List<DocumentKey> keys =
                described.keySet().stream().map(id -> new DocumentKey(kind, id)).toList();
        return store.writeIfPossible(() -> store.rows()
                .findAllById(keys)
                .forEach(row -> described.get(row.key().id()).describe(row)));
    }

    /**
     * Describes some of those anew that another build has described, or of which something they use has changed.
     *
     * @return whether there may be more
     */
    boolean describeSome() {
        List<DocumentRows.Line> lines = store.read(() -> store.rows().outdated(kind, store.stamp(), Limit.of(SOME)));
        return !lines.isEmpty() && describedAnew(lines).kept();
    }

    /** What lists show, worked out anew, and whether it could be kept. */
    private record Anew<S>(Map<String, S> summaries, boolean kept) {}

    /** The same of a row that is there; one saved meanwhile is left as it is. */
    private record Redescribed<S>(long version, Describing.Described<S> described, DocumentStore store) {
        void describe(DocumentRow row) {
            if (row.version() != version) return;
            row.describe(described.content());
            if (described.isOutdated(store)) row.outdate();
        }
    }
}
