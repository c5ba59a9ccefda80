package fluidframe.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Difference;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Puts many documents of any kind into the studio at once, all or none, and takes them back as one step. */
@Component
public class Taking {
    private final DocumentStore store;
    private final Map<Kind, Documents<?, ?>> documents;
    private final List<BinListener> listeners;

    /**
     * A document that was put.
     *
     * @param version under which it stands
     * @param before the version kept of what it took the place of; 0 where nothing was there
     * @param binned whether that lay in the bin
     */
    public record Put(
            @NotNull String kind,
            @NotNull String id,
            @NotNull String name,
            long version,
            long before,
            boolean binned) {}

    /** A document to put, and under which id. */
    public record Wanted(Kind kind, String id, JsonNode document) {}

    /** How a document stands to what is here. */
    public enum State {
        NEW,
        SAME,
        DIFFERENT,
        BINNED
    }

    Taking(DocumentStore store, List<Documents<?, ?>> documents, List<BinListener> listeners) {
        this.store = store;
        this.documents =
                documents.stream().collect(Collectors.toMap(all -> all.traits().kind(), Function.identity()));
        this.listeners = listeners;
    }

    /** @param note why versions of what they take the place of are kept */
    public List<Put> put(List<Wanted> wanted, String note) {
        List<Put> put = store.write(() -> {
            List<Put> done = new ArrayList<>();
            for (Wanted one : wanted) done.add(placing(one.kind()).put(one.id(), one.document(), note));
            return done;
        });
        told(put);
        return put;
    }

    /** The last first; refuses if one of them has been changed since, and then takes none back. */
    public void takeBack(List<Put> put) {
        List<Put> last = new ArrayList<>(put);
        Collections.reverse(last);
        store.write(() -> {
            last.forEach(one -> placing(Kind.parse(one.kind())).takeBack(one));
            return null;
        });
        told(put);
    }

    private Placing<?> placing(Kind kind) {
        return documents.get(kind).placing();
    }

    private void told(List<Put> put) {
        for (Put one : put) {
            Kind kind = Kind.parse(one.kind());
            listeners.forEach(listener -> listener.changed(kind, one.id()));
        }
    }

    /**
     * How something stands to what is there.
     *
     * @param differences in what it differs; nothing unless it does
     */
    public record Compared(State state, List<Difference> differences) {}

    /** Told from one look at what is there, for another window may put it into the bin meanwhile. */
    public Compared compared(Kind kind, String id, JsonNode document) {
        if (!documents.get(kind).isTaken(id)) return new Compared(State.NEW, List.of());
        return placing(kind)
                .differences(id, document)
                .map(found -> new Compared(found.isEmpty() ? State.SAME : State.DIFFERENT, found))
                .orElse(new Compared(State.BINNED, List.of()));
    }

    /** What is there of it, in its open format; empty for what is not there or in the bin. */
    public Optional<JsonNode> current(Kind kind, String id) {
        return json(documents.get(kind), id);
    }

    private static <T> Optional<JsonNode> json(Documents<T, ?> all, String id) {
        return all.find(id).map(found -> all.traits().format().toJson(found.value()));
    }

    public Set<Ref> uses(Kind kind, JsonNode document) {
        return placing(kind).uses(document);
    }

    public String name(Kind kind, JsonNode document) {
        return placing(kind).name(document);
    }

    /** Whether there is one of that id, also in the bin. */
    public boolean isTaken(Ref ref) {
        return documents.get(ref.kind()).isTaken(ref.id());
    }
}
