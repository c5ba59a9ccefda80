package fluidframe.server.store;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** What has been deleted, for thirty days; and what of everything kept is the same for every kind. */
@Component
public class Bin {
    /** How long something stays in the bin. */
    static final Duration KEPT = Duration.ofDays(30);

    private static final Logger LOG = LoggerFactory.getLogger(Bin.class);
    private static final int MOST_SHOWN = 500;
    private static final int MOST_USERS = 50;

    /** Something in the bin; {@code goneAt} is when it goes for good. */
    public record Binned(String kind, String id, String name, Instant binnedAt, Instant goneAt) {}

    /** Something that names another. */
    public record User(String kind, String id, String name) {}

    private final DocumentStore store;
    private final Drafts drafts;
    private final Map<Kind, Documents<?, ?>> documents;

    Bin(DocumentStore store, Drafts drafts, List<Documents<?, ?>> documents) {
        this.store = store;
        this.drafts = drafts;
        this.documents =
                documents.stream().collect(Collectors.toMap(all -> all.traits().kind(), Function.identity()));
    }

    /** The latest first. */
    List<Binned> all() {
        Instant before = store.now().minus(KEPT);
        return store.read(() -> store.rows().binned(Limit.of(MOST_SHOWN))).stream()
                .filter(row -> row.binnedAt().isAfter(before))
                .map(row -> new Binned(
                        row.kind(),
                        row.id(),
                        row.name(),
                        row.binnedAt(),
                        row.binnedAt().plus(KEPT)))
                .toList();
    }

    /** Takes out what has been in it for its time, and what is remembered of saved drafts. */
    void empty() {
        Instant before = store.now().minus(KEPT);
        drafts.forgetSpentBefore(before);
        List<DocumentRows.Named> old = store.read(() -> store.rows().binnedBefore(before));
        for (DocumentRows.Named row : old) of(Kind.parse(row.kind())).remove(row.id());
        if (!old.isEmpty())
            LOG.info("{} documents had been in the bin for {} days and are gone", old.size(), KEPT.toDays());
    }

    /** What names a document and will miss it. */
    List<User> usersOf(Ref ref) {
        return store.read(() -> store.rows().using(ref.kind().toString(), ref.id(), Limit.of(MOST_USERS))).stream()
                .map(row -> new User(row.kind(), row.id(), row.name()))
                .toList();
    }

    Documents<?, ?> of(Kind kind) {
        return documents.get(kind);
    }
}
