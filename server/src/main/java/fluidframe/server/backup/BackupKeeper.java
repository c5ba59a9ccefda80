package fluidframe.server.backup;

import fluidframe.server.store.DataFolder;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Makes the backup of the day while the server runs. */
@Component
class BackupKeeper implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(BackupKeeper.class);
    private static final Duration FIRST_LOOK = Duration.ofSeconds(30);

    /** A server that runs for days makes the backup of a day within this time of its beginning. */
    private static final Duration LOOK_EVERY = Duration.ofMinutes(30);

    private final ObjectProvider<Backups> backups;
    private final boolean isStudio;
    private ScheduledExecutorService daily;

    /** A studio in memory is gone at its end, and needs none. */
    BackupKeeper(ObjectProvider<Backups> backups, ObjectProvider<DataFolder> folder) {
        this.backups = backups;
        this.isStudio = folder.getIfAvailable() != null;
    }

    @Override
    public void start() {
        daily = Executors.newSingleThreadScheduledExecutor(task -> {
            Thread thread = new Thread(task, "backups");
            thread.setDaemon(true);
            return thread;
        });
        if (!isStudio) return;
        daily.scheduleWithFixedDelay(this::make, FIRST_LOOK.toMillis(), LOOK_EVERY.toMillis(), TimeUnit.MILLISECONDS);
    }

    private void make() {
        try {
            backups.getObject().daily();
        } catch (RuntimeException e) {
            LOG.warn("The backup of today could not be made; it is tried again later: {}", e.getMessage());
        }
    }

    @Override
    public void stop() {
        daily.shutdownNow();
        daily = null;
    }

    @Override
    public boolean isRunning() {
        return daily != null;
    }
}
