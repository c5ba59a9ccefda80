package fluidframe.server.backup;

import fluidframe.library.archive.ArchiveReader;
import fluidframe.library.archive.Manifest;
import fluidframe.library.archive.Stored;
import fluidframe.server.backup.BackupFolder.Why;
import fluidframe.server.store.BeforeUpgrade;
import fluidframe.server.store.DataFolder;
import fluidframe.server.store.LibraryStamp;
import fluidframe.server.store.Restoring;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Makes backups, looks into them and takes them back. One at a time: two would only be in each other's way. */
@Service
public class Backups implements BeforeUpgrade {
    private static final String RULE = "Made once a day when something has changed: the last " + Retention.DAYS
            + " days are kept, the newest of " + Retention.WEEKS + " weeks and of " + Retention.MONTHS
            + " months. What you asked for stays until you delete it.";

    private final BackupFolder folder;
    private final BackupSource source;
    private final JdbcTemplate database;
    private final ObjectProvider<Restoring> restoring;
    private final Clock clock;
    private final ReentrantLock busy = new ReentrantLock();

    Backups(
            DataSource source,
            ObjectProvider<DataFolder> folder,
            ObjectProvider<Restoring> restoring,
            LibraryStamp build,
            Clock clock) {
        DataFolder at = folder.getIfAvailable();
        this.folder = new BackupFolder(
                at == null
                        ? Path.of(
                                System.getProperty("java.io.tmpdir"),
                                "fluidframe-" + ProcessHandle.current().pid())
                        : at.backups());
        this.source = new BackupSource(source, build.text());
        this.database = new JdbcTemplate(source);
        this.restoring = restoring;
        this.clock = clock;
    }

    BackupView.All all() {
        return new BackupView.All(folder.path().toString(), RULE, folder.all());
    }

    Path file(String name) {
        return folder.named(name);
    }

    void delete(String name) {
        BackupFolder.delete(folder.named(name));
    }

    /** Makes one because somebody asked for it. */
    public BackupView make() {
        return BackupFolder.view(make(Why.ASKED));
    }

    private Path make(Why why) {
        return alone(() -> {
            Path made = folder.keep(why, clock.instant(), this::write);
            folder.forgetOld();
            return made;
        });
    }

    /**
     * Writes one wherever it is wanted, whole or not at all.
     *
     * @return how many documents it holds
     */
    public int writeTo(Path file) {
        BackupFolder.whole(file, this::write);
        return BackupFolder.view(file).documents();
    }

    private void write(Path to) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(to), 1 << 16)) {
            source.write(out, clock.instant());
        } catch (SQLException e) {
            throw new IOException("The studio could not be read", e);
        }
    }

    private <R> R alone(Supplier<R> work) {
        busy.lock();
        try {
            return work.get();
        } finally {
            busy.unlock();
        }
    }

    /** Makes the one of today if there is none and something has changed since the last. */
    void daily() {
        alone(() -> {
            // Not while another one is being made.
            folder.tidy();
            return null;
        });
        List<Path> daily = folder.of(Why.DAY);
        Optional<Manifest> last = daily.stream().findFirst().flatMap(Backups::manifest);
        LocalDate today = LocalDate.now(clock.withZone(ZoneId.systemDefault()));
        boolean isDone = last.isPresent() && BackupFolder.day(daily.get(0)).equals(today);
        Long changes = database.queryForObject("select changes from studio_mark", Long.class);
        boolean isChanged =
                last.map(Manifest::changes).filter(then -> then.equals(changes)).isEmpty();
        if (!isDone && isChanged && changes != null && changes > 0) make(Why.DAY);
    }

    private static Optional<Manifest> manifest(Path file) {
        try (ArchiveReader archive = ArchiveReader.open(file)) {
            return archive.manifest();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    @Override
    public void keep() {
        Integer documents = database.queryForObject(
                "select count(*) from information_schema.tables where table_name = 'DOCUMENT'", Integer.class);
        // Before everything stood in one table there was nothing of which a backup could be made.
        if (documents != null && documents > 0) make(Why.UPGRADE);
    }

    /** Takes one in from elsewhere; refuses what is none. */
    public BackupView bring(InputStream body) {
        Path brought = alone(() -> folder.keep(Why.BROUGHT, clock.instant(), part -> {
            Files.copy(body, part, StandardCopyOption.REPLACE_EXISTING);
            opened(part, archive -> true);
        }));
        return BackupFolder.view(brought);
    }

    private static <R> R opened(Path file, Function<ArchiveReader, R> work) {
        try (ArchiveReader archive = ArchiveReader.open(file)) {
            return work.apply(archive);
        } catch (IOException e) {
            throw new IllegalArgumentException("This cannot be read as a backup: " + e.getMessage(), e);
        }
    }

    public BackupView.Contents contents(String name) {
        Path file = folder.named(name);
        return opened(file, archive -> new Comparing(database).of(BackupFolder.view(file), archive));
    }

    /** Everything as the backup has it; what is here now is backed up first. */
    BackupView.Done restore(String name) {
        return restore(folder.named(name));
    }

    /** The same from a file anywhere. */
    public BackupView.Done restore(Path file) {
        return alone(() -> opened(file, archive -> {
            Path before = folder.keep(Why.BEFORE, clock.instant(), this::write);
            Restoring.Restored done = restoring.getObject().whole(archive);
            folder.forgetOld();
            return new BackupView.Done(
                    done.documents(), done.rows(), before.getFileName().toString(), done.problems());
        }));
    }

    /** Every document of a backup that can be read, one after the other. */
    public void documents(String name, Consumer<Stored> taker) {
        opened(folder.named(name), archive -> {
            archive.documents(taker::accept);
            return null;
        });
    }
}
