package fluidframe.server.store;

import fluidframe.server.store.DraftRow.Key;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Unsaved work, kept as typed so that a closed window loses nothing: each window's by itself. A window numbers what it sends;
 * what arrives after a later one, or after the save, changes nothing.
 */
@Component
public class Drafts {
    /** The longest draft kept, in characters. */
    public static final int MOST_CHARACTERS = 1_000_000;

    /**
     * Unsaved work of one window.
     *
     * @param number counts what the window has sent
     * @param baseVersion the version it was begun from
     */
    public record Draft(String window, long number, long baseVersion, String text, Instant savedAt) {}

    /** Of which window something is, and what it had sent by then. */
    public record Sent(
            @NotBlank @Size(max = 40) String window, @Min(0) long number) {}

    private final DraftRows rows;
    private final DocumentStore store;

    Drafts(DraftRows rows, DocumentStore store) {
        this.rows = rows;
        this.store = store;
    }

    /**
     * Keeps what a window sent, unless something later is known of it.
     *
     * @param instead another window's work that this one has gone on with: it is given up in the same transaction
     */
    public void keep(Ref of, Sent sent, long baseVersion, String text, Optional<Sent> instead) {
        if (text.length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException(
                    "A draft must be at most " + MOST_CHARACTERS + " characters, but has " + text.length());
        }
        store.write(() -> {
            DraftRow row = rows.findById(key(of, sent)).orElseGet(() -> new DraftRow(key(of, sent)));
            if (row.isOlderThan(sent.number())) {
                row.replaceWith(sent.number(), baseVersion, text, store.now());
                rows.save(row);
            }
            instead.ifPresent(other -> spend(of, other));
            return null;
        });
    }

    /** What a window sent up to a number is saved or given up, and what arrives late of it with it. */
    public void spend(Ref of, Sent sent) {
        store.write(() -> {
            DraftRow row = rows.findById(key(of, sent)).orElseGet(() -> new DraftRow(key(of, sent)));
            if (row.isOlderThan(sent.number() + 1)) {
                row.replaceWith(sent.number(), 0, null, store.now());
                rows.save(row);
            }
            return null;
        });
    }

    /** What a window had that sends nothing more is forgotten. */
    public void forget(Ref of, Sent sent) {
        store.write(() -> {
            rows.findById(key(of, sent)).ifPresent(rows::delete);
            return null;
        });
    }

    /** Of what was saved or given up so long ago nothing can arrive late. */
    void forgetSpentBefore(Instant before) {
        store.writeIfPossible(() -> rows.forgetSpentBefore(before));
    }

    /** Everything unsaved of one document is given up. */
    public void spendAll(Ref of) {
        store.write(() -> {
            rows.spend(of.kind().toString(), of.id());
            return null;
        });
    }

    /** The newest first. */
    public List<Draft> of(Ref of) {
        return store.read(() -> rows.of(of.kind().toString(), of.id()).stream()
                .map(DraftRow::draft)
                .toList());
    }

    /** Of which documents there is unsaved work. */
    public Set<String> ids(Kind kind) {
        return store.read(() -> Set.copyOf(rows.ids(kind.toString())));
    }

    private static Key key(Ref of, Sent sent) {
        return new Key(of.kind().toString(), of.id(), sent.window());
    }
}
