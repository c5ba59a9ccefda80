package fluidframe.server.store;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/**
 * Every change passes here, one at a time: it is numbered, committed, forced to the disk and marked as acknowledged before
 * anybody is told. One writer at a time costs a desk nothing and leaves no two saves that decide by the same state.
 *
 * <p>The database hands its pages to a thread of its own even with write delay off, so that a process killed on a busy machine
 * could lose a save that somebody had been told of; hence the checkpoint. A checkpoint or a mark that fails is a refusal: the
 * change may be in the database, but nobody may count on it.
 */
@Component
public class WriteGate implements TransactionExecutionListener {
    private static final long PATIENCE_SECONDS = 20;

    /** Bytes that must be free before a change is begun: the database does not survive a disk that is full in the midst of one. */
    private static final long LEAST_ROOM = 16L << 20;

    private final ReentrantLock gate = new ReentrantLock(true);
    private final JdbcTemplate database;
    private final Optional<DataFolder> folder;
    private final Optional<ChangeMark> mark;

    /** The number of the change that is being written; 0 before the first is known. */
    private long change;

    /** When the one inside came in, in nanoseconds of {@link System#nanoTime}; nothing while nobody is known to be inside. */
    private volatile Long enteredAt;

    WriteGate(DataSource source, ObjectProvider<DataFolder> folder) {
        this.database = new JdbcTemplate(source);
        this.folder = Optional.ofNullable(folder.getIfAvailable());
        this.mark = this.folder.map(DataFolder::mark);
    }

    /** Does something to the database while nobody writes. */
    void whileNobodyWrites(Runnable work) {
        enter();
        try {
            work.run();
        } finally {
            leave();
        }
    }

    @Override
    public void beforeBegin(TransactionExecution transaction) {
        if (transaction.isReadOnly()) return;
        enter();
        if (folder.map(DataFolder::room).orElse(Long.MAX_VALUE) >= LEAST_ROOM) return;
        leave();
        throw new NoRoomException();
    }

    private void enter() {
        try {
            if (gate.tryLock(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                enteredAt = System.nanoTime();
                return;
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        throw new PessimisticLockingFailureException("Other changes are still being written");
    }

    @Override
    public void afterBegin(TransactionExecution transaction, Throwable failure) {
        if (failure != null && !transaction.isReadOnly()) leave();
    }

    /** In the same transaction as the change itself, so that the two cannot differ. */
    @Override
    public void beforeCommit(TransactionExecution transaction) {
        if (transaction.isReadOnly()) return;
        change = numberOfLast() + 1;
        database.update("update studio_mark set changes = ?", change);
    }

    private long numberOfLast() {
        Long last = database.queryForObject("select changes from studio_mark", Long.class);
        return last == null ? 0 : last;
    }

    /** Runs on the connection of the transaction, which is still bound, so that no second one is needed. */
    @Override
    public void afterCommit(TransactionExecution transaction, Throwable failure) {
        if (transaction.isReadOnly()) return;
        try {
            if (failure != null) return;
            database.execute("CHECKPOINT SYNC");
            mark.ifPresent(file -> file.acknowledge(change));
        } finally {
            leave();
        }
    }

    @Override
    public void afterRollback(TransactionExecution transaction, Throwable failure) {
        if (!transaction.isReadOnly()) leave();
    }

    private void leave() {
        if (!gate.isHeldByCurrentThread()) return;
        // Before the next can come in: the time of the one before must never be taken for his.
        if (gate.getHoldCount() == 1) enteredAt = null;
        gate.unlock();
    }

    /**
     * How long the one has been inside who is inside now; zero if nobody is. After a failure of the disk in the midst of a
     * change the database can spin for ever, and nothing but an end of the process helps.
     */
    Duration occupied() {
        Long since = enteredAt;
        return since == null ? Duration.ZERO : Duration.ofNanos(System.nanoTime() - since);
    }
}
