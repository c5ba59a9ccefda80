package fluidframe.server.store;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/** What all {@link Documents} share: the tables, short transactions and the clock. */
@Component
public final class DocumentStore {
    /** As long as its column; more is not searched. */
    static final int MOST_WORDS = 4000;

    private static final Logger LOG = LoggerFactory.getLogger(DocumentStore.class);

    private final DocumentRows rows;
    private final VersionRows versions;
    private final TransactionTemplate writing;
    private final TransactionTemplate reading;
    private final ObjectMapper mapper;
    private final Clock clock;
    private final LibraryStamp stamp;
    private final AtomicLong generation = new AtomicLong();

    DocumentStore(
            DocumentRows rows,
            VersionRows versions,
            PlatformTransactionManager transactions,
            ObjectMapper mapper,
            Clock clock,
            LibraryStamp stamp) {
        this.rows = rows;
        this.versions = versions;
        this.writing = new TransactionTemplate(transactions);
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.mapper = mapper;
        this.clock = clock;
        this.stamp = stamp;
    }

    /** Everything kept of one kind. */
    public <T, S> Documents<T, S> of(Traits<T, S> traits) {
        return new Documents<>(traits, this);
    }

    <R> R read(Supplier<R> work) {
        return reading.execute(status -> work.get());
    }

    <R> R write(Supplier<R> work) {
        return writing.execute(status -> work.get());
    }

    /**
     * Something that saves time later and that nobody has been told of.
     *
     * @return whether it was written
     */
    boolean writeIfPossible(Runnable work) {
        try {
            writing.executeWithoutResult(status -> work.run());
            return true;
        } catch (DataAccessException | TransactionException | NoRoomException e) {
            LOG.warn("What lists show could not be written and is worked out again later: {}", e.getMessage());
            return false;
        }
    }

    DocumentRows rows() {
        return rows;
    }

    VersionRows versions() {
        return versions;
    }

    ObjectMapper mapper() {
        return mapper;
    }

    /** As exactly as the database keeps it. */
    Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /** Counts the changes of what documents use: what was worked out under another one is outdated. */
    long generation() {
        return generation.get();
    }

    void nextGeneration() {
        generation.incrementAndGet();
    }

    String stamp() {
        return stamp.text();
    }
}
