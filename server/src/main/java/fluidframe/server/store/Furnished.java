package fluidframe.server.store;

import java.sql.Timestamp;
import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What is put into a studio once, whole or not at all, and never again, even if somebody has deleted it. */
@Component
public class Furnished {
    /** The phase of a start after the studio is looked after and before the pages are served. */
    public static final int BEFORE_THE_PAGES = 0;

    private final JdbcTemplate database;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Furnished(DataSource source, PlatformTransactionManager transactions, Clock clock) {
        this.database = new JdbcTemplate(source);
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** @param what by which it is known to have been done, at most 40 characters */
    public void once(String what, Runnable furnish) {
        Integer rows = database.queryForObject("select count(*) from furnished where what = ?", Integer.class, what);
        if (rows != null && rows > 0) return;
        transaction.executeWithoutResult(status -> {
            furnish.run();
            database.update("insert into furnished values (?, ?)", what, Timestamp.from(clock.instant()));
        });
    }
}
