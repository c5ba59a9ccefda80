package fluidframe.server.store;

import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/**
 * Waits until a commit is on the disk before it is acknowledged. The database hands its pages to a thread of its own even
 * with write delay off, so that a process killed on a busy machine could lose a save that somebody had been told of.
 */
@Component
class DurableCommits implements TransactionExecutionListener {
    private static final Logger LOG = LoggerFactory.getLogger(DurableCommits.class);

    private final JdbcTemplate database;

    DurableCommits(DataSource source) {
        this.database = new JdbcTemplate(source);
    }

    /** Runs on the connection of the transaction, which is still bound, so that no second one is needed. */
    @Override
    public void afterCommit(TransactionExecution transaction, Throwable failure) {
        if (failure != null || transaction.isReadOnly()) return;
        try {
            database.execute("CHECKPOINT SYNC");
        } catch (DataAccessException e) {
            LOG.warn("A save is committed, but the disk has not confirmed it yet", e);
        }
    }
}
