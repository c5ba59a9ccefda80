package fluidframe.server.store;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

/** Looks after the studio's file while the server runs: a copy before its tables are changed, a small file marked as whole at the end. */
@Configuration
class StudioKeeper {
    private static final Logger LOG = LoggerFactory.getLogger(StudioKeeper.class);

    /** The exit code upon which {@code ./run demo} starts it again, the same as for want of memory. */
    private static final int TO_BE_STARTED_AGAIN = 3;

    /** Longer than any change or copy takes on a starved machine. */
    private static final Duration STUCK_AFTER = Duration.ofMinutes(3);

    /** Before the tables are changed, a copy is made of what is there. */
    @Bean
    FlywayMigrationStrategy copyThenMigrate(
            DataSource source, ObjectProvider<DataFolder> folder, ObjectProvider<BeforeUpgrade> before) {
        return flyway -> {
            MigrationInfo[] pending = flyway.info().pending();
            DataFolder at = folder.getIfAvailable();
            if (pending.length == 0 || at == null) {
                flyway.migrate();
                return;
            }
            JdbcTemplate database = new JdbcTemplate(source);
            String to = pending[pending.length - 1].getVersion().getVersion();
            try {
                if (flyway.info().current() != null) before.forEach(BeforeUpgrade::keep);
                at.beginChange(Optional.ofNullable(flyway.info().current())
                        .map(there -> at.copies().beforeChange(to, database)));
                flyway.migrate();
                database.execute("CHECKPOINT SYNC");
                at.endChange();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        };
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    Keeping keeping(HikariDataSource source, WriteGate gate, ObjectProvider<DataFolder> folder) {
        return new Keeping(source, gate, Optional.ofNullable(folder.getIfAvailable()));
    }

    /** Begins before the pages are served and ends after. */
    static final class Keeping implements SmartLifecycle {
        private static final int AFTER_THE_PAGES = -1000;

        private final HikariDataSource source;
        private final WriteGate gate;
        private final Optional<DataFolder> folder;
        private ScheduledExecutorService watch;

        Keeping(HikariDataSource source, WriteGate gate, Optional<DataFolder> folder) {
            this.source = source;
            this.gate = gate;
            this.folder = folder;
        }

        @Override
        public void start() {
            watch = Executors.newSingleThreadScheduledExecutor(task -> {
                Thread thread = new Thread(task, "gate-watch");
                thread.setDaemon(true);
                return thread;
            });
            watch.scheduleWithFixedDelay(this::endIfStuck, 10, 10, TimeUnit.SECONDS);
        }

        /** Ends the process, to be started again: what was acknowledged is safe, and nobody could save any more. */
        private void endIfStuck() {
            if (gate.occupied().compareTo(STUCK_AFTER) < 0) return;
            LOG.error(
                    "A change has not come to its end in {} s: the process ends to be started again",
                    STUCK_AFTER.toSeconds());
            Runtime.getRuntime().halt(TO_BE_STARTED_AGAIN);
        }

        @Override
        public void stop() {
            watch.shutdownNow();
            folder.ifPresent(at -> gate.whileNobodyWrites(() -> close(at)));
            watch = null;
        }

        /**
         * On a connection of its own, since the pool would open the file again behind it. A stop that fails here is a stop
         * without the mark of being whole: the next start looks the file over.
         */
        private void close(DataFolder at) {
            try (Connection last = DriverManager.getConnection(
                            source.getJdbcUrl(), source.getUsername(), source.getPassword());
                    Statement statement = last.createStatement()) {
                source.close();
                long changes;
                try (ResultSet mark = statement.executeQuery("select changes from studio_mark")) {
                    changes = mark.next() ? mark.getLong(1) : 0;
                }
                statement.execute("SHUTDOWN COMPACT");
                at.mark().close(changes, Files.size(at.file()));
            } catch (SQLException | IOException | UncheckedIOException e) {
                LOG.warn("The studio's file could not be made small at the end; the next start looks it over", e);
            }
        }

        @Override
        public boolean isRunning() {
            return watch != null;
        }

        @Override
        public int getPhase() {
            return AFTER_THE_PAGES;
        }
    }
}
