package fluidframe.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * The folder in which a studio lies, taken by one running application and looked over before the database is opened: what
 * cannot be read is kept and said, what is older than it was is said, what a kill has left large is made small.
 */
public final class DataFolder {
    private static final String NAME = "fluidframe";
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");
    private static final long LARGE_BYTES = 8L << 20;
    private static final long COMPACT_SECONDS = 20;

    private final Path folder;
    private final Clock clock;
    private final ChangeMark mark;
    private final StudioNotices notices;
    /** Held until the process ends; the system gives it back even after a kill. */
    private FileLock lock;

    private DataFolder(Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
        this.mark = new ChangeMark(folder.resolve(NAME + ".mark"));
        this.notices = new StudioNotices(folder.resolve(NAME + ".notices"), clock);
    }

    /**
     * Takes the folder for this process and looks the studio over.
     *
     * @param fresh whether to begin with an empty studio; the one that lies there is set aside, not deleted
     * @throws StartRefused if the folder cannot be written, another process has it, or the file cannot be read
     */
    public static DataFolder open(Path folder, boolean fresh, Clock clock) {
        DataFolder opened = new DataFolder(folder.toAbsolutePath().normalize(), clock);
        opened.take();
        try {
            if (fresh) opened.setAsideWhatIsThere();
            opened.takeBackHalfAChange();
            opened.lookOver();
        } catch (IOException | UncheckedIOException e) {
            throw new StartRefused(
                    "The data folder " + opened.folder + " cannot be written (" + StorageTrouble.reason(e)
                            + "). Nothing in it was changed: make room, or choose another folder with --data.",
                    e);
        }
        return opened;
    }

    public Path file() {
        return folder.resolve(NAME + ".mv.db");
    }

    /** Bytes that can still be written to its disk; as much as anybody could want where the system does not say. */
    long room() {
        try {
            return Files.getFileStore(folder).getUsableSpace();
        } catch (IOException e) {
            return Long.MAX_VALUE;
        }
    }

    ChangeMark mark() {
        return mark;
    }

    StudioNotices notices() {
        return notices;
    }

    StudioCopies copies() {
        return new StudioCopies(folder.resolve("copies"), clock);
    }

    /**
     * Tells other processes on this machine where the running one answers, and nobody but the owner of the folder the key.
     *
     * @param key by which whoever may read the studio's files is known
     */
    public void answersAt(int port, String key) throws IOException {
        Address.write(folder.resolve(NAME + ".address"), new Address("http://127.0.0.1:" + port, key));
    }

    /** Where the process that has a folder answers; empty if that is not known. */
    public static Optional<Address> addressOf(Path folder) {
        return Address.read(folder.resolve(NAME + ".address"));
    }

    /** Where backups lie; it need not be there yet. */
    public Path backups() {
        return folder.resolve("backups");
    }

    /**
     * Remembers that the tables are being changed, which the database cannot take back when it is ended in the midst of it.
     *
     * @param copy of the studio before the change; empty for one that is being made
     */
    void beginChange(Optional<Path> copy) throws IOException {
        Files.writeString(
                changing(), copy.map(path -> path.getFileName().toString()).orElse(""));
    }

    void endChange() throws IOException {
        Files.deleteIfExists(changing());
    }

    private Path changing() {
        return folder.resolve(NAME + ".changing");
    }

    /** A studio that was ended while its tables were changed begins again from where it was before; nothing was saved since. */
    private void takeBackHalfAChange() throws IOException {
        if (!Files.exists(changing())) return;
        String copy = Files.readString(changing()).trim();
        if (copy.isEmpty()) {
            Files.deleteIfExists(file());
        } else {
            // In steps of which each can be ended and begun again: the file is never missing, and never half a copy.
            if (Files.exists(file())) Files.copy(file(), asideFolder().resolve(file().getFileName()));
            Path part = folder.resolve(NAME + ".copying");
            Files.copy(copies().named(copy), part, StandardCopyOption.REPLACE_EXISTING);
            Files.move(part, file(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        }
        endChange();
    }

    private void take() {
        try {
            Files.createDirectories(folder);
            FileChannel channel = FileChannel.open(
                    folder.resolve(NAME + ".lock"),
                    StandardOpenOption.CREATE,
                    StandardOpenOption.READ,
                    StandardOpenOption.WRITE);
            lock = channel.tryLock();
            if (lock == null) throw inUse();
            channel.truncate(0);
            channel.write(
                    StandardCharsets.ISO_8859_1.encode(
                            String.valueOf(ProcessHandle.current().pid())),
                    0);
        } catch (OverlappingFileLockException e) {
            throw inUse();
        } catch (IOException e) {
            throw new StartRefused(
                    "The data folder " + folder + " cannot be written (" + StorageTrouble.reason(e)
                            + "). Choose another with --data, or give yourself the right to write there.",
                    e);
        }
    }

    private FolderInUse inUse() {
        String process = "";
        try {
            process = " (process "
                    + Files.readString(folder.resolve(NAME + ".lock")).trim() + ")";
        } catch (IOException e) {
            process = "";
        }
        return new FolderInUse("The data folder " + folder + " is in use by a Fluid Frame that is running" + process
                + ". Nothing in it was changed: stop that one first, or choose another folder with --data.");
    }

    /** Moves everything of the studio but its copies into a folder of its own. */
    private void setAsideWhatIsThere() throws IOException {
        List<Path> own;
        try (Stream<Path> files = Files.list(folder)) {
            own = files.filter(file -> {
                        String name = file.getFileName().toString();
                        return name.startsWith(NAME + ".") && !name.endsWith(".lock");
                    })
                    .toList();
        }
        if (own.isEmpty()) return;
        Path aside = asideFolder();
        for (Path file : own) Files.move(file, aside.resolve(file.getFileName()));
        notices.add("The studio that lay here was set aside in " + aside + ".");
    }

    private Path asideFolder() throws IOException {
        Path base = folder.resolve("set-aside");
        String stamp = LocalDateTime.now(clock).format(STAMP);
        Path aside = base.resolve(stamp);
        for (int i = 2; Files.exists(aside); i++) aside = base.resolve(stamp + "-" + i);
        return Files.createDirectories(aside);
    }

    private void lookOver() throws IOException {
        if (!Files.exists(file())) {
            whereThereIsNoFile();
            return;
        }
        StudioFile studio = new StudioFile(file());
        if (studio.isOfALaterFormat()) {
            setAsideWhatIsThere();
            notices.add("That studio was written by a later version of the database, which this one cannot read.");
            return;
        }
        Optional<ChangeMark.Found> last = mark.read();
        if (last.isPresent() && last.get().length() == Files.size(file())) {
            mark.acknowledge(last.get().changes());
            return;
        }
        long changes = changesIn(studio);
        long acknowledged = last.map(ChangeMark.Found::changes).orElse(0L);
        if (changes < acknowledged) older(acknowledged - changes);
        // From here on what the file holds is what counts, and the next change is the one after it.
        mark.acknowledge(changes);
        if (Files.size(file()) > LARGE_BYTES) studio.compact(COMPACT_SECONDS, TimeUnit.SECONDS);
    }

    private void whereThereIsNoFile() {
        long acknowledged = mark.read().map(ChangeMark.Found::changes).orElse(0L);
        if (acknowledged == 0) return;
        notices.add("The studio's file " + file() + " is gone; " + counted(acknowledged)
                + " had been saved in it. An empty studio was begun. " + backupsNamed());
        mark.acknowledge(0);
    }

    private long changesIn(StudioFile studio) {
        try {
            return studio.readThrough();
        } catch (SQLException e) {
            if (StorageTrouble.isInUse(e)) throw inUse();
            throw new StartRefused(
                    "The studio's file " + file() + " cannot be read: it is damaged. It was left as it is. "
                            + backupsNamed()
                            + " To begin with an empty studio, start with --fresh: this one is then set"
                            + " aside.",
                    e);
        }
    }

    private void older(long missing) throws IOException {
        Path aside = asideFolder();
        Files.copy(file(), aside.resolve(file().getFileName()), StandardCopyOption.COPY_ATTRIBUTES);
        notices.add("The studio's file is older than what was saved last, by " + counted(missing)
                + ". The file as it was found is kept in " + aside + ". " + backupsNamed()
                + " If you have put an older copy there yourself, all is well.");
    }

    private static String counted(long changes) {
        return changes == 1 ? "1 change" : changes + " changes";
    }

    private String backupsNamed() {
        List<String> kept = new ArrayList<>();
        if (Files.isDirectory(backups())) {
            try (Stream<Path> files = Files.list(backups())) {
                files.map(Path::toString).filter(file -> file.endsWith(".zip")).forEach(kept::add);
            } catch (IOException e) {
                kept.clear();
            }
        }
        kept.sort(Comparator.reverseOrder());
        return kept.isEmpty()
                ? "There are no backups of it yet."
                : "Backups, the newest first: " + String.join(", ", kept)
                        + ". To take one back: ./run restore --fresh FILE.";
    }
}
