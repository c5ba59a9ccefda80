package fluidframe.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Furnishes the demo studio when the application starts with {@code --fluidframe.demo=true}: once, whole or not at all, and
 * before the first page is served. What somebody has deleted of it stays deleted.
 */
@Component
@ConditionalOnProperty("fluidframe.demo")
class DemoRunner implements SmartLifecycle {
    /** After the studio is looked after, before the pages are served. */
    private static final int BEFORE_THE_PAGES = 0;

    private static final String WHAT = "demo";

    private final List<DemoStudio> studios;
    private final JdbcTemplate database;
    private final TransactionTemplate transaction;
    private boolean running;

    DemoRunner(List<DemoStudio> studios, DataSource source, PlatformTransactionManager transactions) {
        this.studios = studios.stream()
                .sorted(Comparator.comparingInt(DemoStudio::order))
                .toList();
        this.database = new JdbcTemplate(source);
        this.transaction = new TransactionTemplate(transactions);
    }

    @Override
    public void start() {
        running = true;
        if (isFurnished()) return;
        transaction.executeWithoutResult(status -> {
            try {
                for (DemoStudio studio : studios) studio.furnish();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            database.update("insert into furnished values (?, ?)", WHAT, Timestamp.from(Instant.now()));
        });
    }

    private boolean isFurnished() {
        Integer rows = database.queryForObject("select count(*) from furnished where what = ?", Integer.class, WHAT);
        return rows != null && rows > 0;
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return BEFORE_THE_PAGES;
    }
}
