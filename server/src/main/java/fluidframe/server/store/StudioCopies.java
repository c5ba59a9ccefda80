package fluidframe.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.springframework.jdbc.core.JdbcTemplate;

/** Whole copies of the studio's file beside it, one before every change of the tables: to the byte, should the change fail. */
final class StudioCopies {
    /** How many copies of a kind are kept. */
    static final int KEPT = 7;

    private static final String MIGRATION = "before-change-";
    private static final String ENDING = ".mv.db";

    /** Of a copy that is being made; a kill may leave one behind, which is none. */
    private static final String PART = ".part" + ENDING;

    private final Path folder;
    private final Clock clock;

    StudioCopies(Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /**
     * Makes a copy before the tables are changed.
     *
     * @param to the version of the tables that follows
     * @return where it lies
     */
    Path beforeChange(String to, JdbcTemplate database) {
        String name = MIGRATION + to + "-" + LocalDate.now(clock);
        make(name, MIGRATION, database);
        return folder.resolve(name + ENDING);
    }

    Path named(String file) {
        return folder.resolve(file);
    }

    /** The newest first. */
    List<Path> kept() {
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ENDING))
                    .filter(file -> !file.getFileName().toString().endsWith(PART))
                    .sorted(Comparator.comparing(StudioCopies::written).reversed())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static java.nio.file.attribute.FileTime written(Path file) {
        try {
            return Files.getLastModifiedTime(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void make(String name, String kind, JdbcTemplate database) {
        Path zip = folder.resolve(name + ".zip");
        Path part = folder.resolve(name + PART);
        try {
            Files.createDirectories(folder);
            database.execute("BACKUP TO '" + zip.toString().replace("'", "''") + "'");
            unpack(zip, part);
            new StudioFile(part).readThrough();
            Files.move(
                    part,
                    folder.resolve(name + ENDING),
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
            forget(kind);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (SQLException e) {
            throw new IllegalStateException("The copy " + part + " cannot be read back", e);
        } finally {
            delete(zip);
            delete(part);
        }
    }

    private static void unpack(Path zip, Path to) throws IOException {
        try (ZipFile archive = new ZipFile(zip.toFile())) {
            var entry = archive.stream()
                    .filter(e -> e.getName().endsWith(ENDING))
                    .findFirst()
                    .orElseThrow(() -> new IOException("The copy holds no database"));
            try (InputStream in = archive.getInputStream(entry)) {
                Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    private void forget(String kind) throws IOException {
        List<Path> old = kept().stream()
                .filter(file -> file.getFileName().toString().startsWith(kind))
                .skip(KEPT)
                .toList();
        for (Path file : old) Files.deleteIfExists(file);
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            // A leftover is overwritten by the next copy.
            file.toFile().deleteOnExit();
        }
    }
}
