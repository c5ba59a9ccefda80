package fluidframe.server.backup;

import fluidframe.library.archive.ArchiveReader;
import fluidframe.library.archive.Manifest;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.store.WholeFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The files of backups in their folder: each is there whole or not at all. */
final class BackupFolder {
    /** Why a backup was made; {@code word} is part of its name. */
    enum Why {
        DAY("day", "every day"),
        ASKED("asked", "asked for"),
        BEFORE("before", "before a restore"),
        UPGRADE("upgrade", "before a change of the tables"),
        BROUGHT("brought", "brought from elsewhere");

        private final String word;
        private final String told;

        Why(String word, String told) {
            this.word = word;
            this.told = told;
        }
    }

    /** How many of those before a restore or a change of the tables are kept. */
    private static final int KEPT_BEFORE = 5;

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");
    private static final Pattern NAME = Pattern.compile("(\\d{4}-\\d{2}-\\d{2})(?:-\\d{6})?(?:-\\d+)?-([a-z]+)\\.zip");

    private final Path folder;

    BackupFolder(Path folder) {
        this.folder = folder;
    }

    Path path() {
        return folder;
    }

    Path keep(Why why, Instant now, WholeFile.Content content) {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Path file = free(why, now);
        whole(file, content);
        return file;
    }

    /** Writes a file of which nothing is seen before all of it is on the disk. */
    static void whole(Path file, WholeFile.Content content) {
        try {
            WholeFile.write(file, content);
        } catch (IOException e) {
            throw new IllegalArgumentException(
                    "The backup " + file.getFileName() + " could not be written: make room or choose another place, and"
                            + " try again. Nothing was changed.",
                    e);
        }
    }

    private Path free(Why why, Instant now) {
        LocalDateTime at = LocalDateTime.ofInstant(now, ZoneId.systemDefault());
        if (why == Why.DAY) return folder.resolve(at.toLocalDate() + "-" + why.word + ".zip");
        Path file = folder.resolve(at.format(STAMP) + "-" + why.word + ".zip");
        for (int i = 2; Files.exists(file); i++)
            file = folder.resolve(at.format(STAMP) + "-" + i + "-" + why.word + ".zip");
        return file;
    }

    /** Takes away what a kill has left half done. */
    void tidy() {
        try {
            WholeFile.tidy(folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Takes away what is older than what is kept; what was asked for stays until somebody deletes it. */
    void forgetOld() {
        List<Path> daily = of(Why.DAY);
        Set<LocalDate> kept =
                Retention.kept(daily.stream().map(BackupFolder::day).toList());
        daily.stream().filter(file -> !kept.contains(day(file))).forEach(BackupFolder::delete);
        for (Why why : List.of(Why.BEFORE, Why.UPGRADE))
            of(why).stream().skip(KEPT_BEFORE).forEach(BackupFolder::delete);
    }

    /** The newest first. */
    List<Path> of(Why why) {
        return files(name -> why(name).filter(of -> of == why).isPresent()).stream()
                .sorted(Comparator.comparing((Path file) -> file.getFileName().toString())
                        .reversed())
                .toList();
    }

    static LocalDate day(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        return name.matches() ? LocalDate.parse(name.group(1)) : LocalDate.MIN;
    }

    private static Optional<Why> why(String name) {
        Matcher parts = NAME.matcher(name);
        if (!parts.matches()) return Optional.empty();
        return Stream.of(Why.values())
                .filter(why -> why.word.equals(parts.group(2)))
                .findFirst();
    }

    static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Path> files(Predicate<String> name) {
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(file -> name.test(file.getFileName().toString())).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Every backup there is, the newest first, also one that somebody has put there. */
    List<BackupView> all() {
        return files(name -> name.endsWith(".zip")).stream()
                .map(BackupFolder::view)
                .sorted(Comparator.comparing(BackupView::made).reversed())
                .toList();
    }

    /** The file of a backup; refuses a name that none of them has. */
    Path named(String name) {
        return files(name::equals).stream()
                .filter(file -> name.endsWith(".zip"))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("There is no backup \"" + name + "\" in " + folder));
    }

    static BackupView view(Path file) {
        String name = file.getFileName().toString();
        String told = why(name).map(why -> why.told).orElse("put there");
        try {
            long bytes = Files.size(file);
            Instant written = Files.getLastModifiedTime(file).toInstant();
            try (ArchiveReader archive = ArchiveReader.open(file)) {
                Optional<Manifest> manifest = archive.manifest();
                return new BackupView(
                        name,
                        manifest.map(Manifest::made).map(Instant::parse).orElse(written),
                        bytes,
                        told,
                        manifest.map(known -> known.documents().size()).orElse(0),
                        archive.problems().stream().findFirst());
            } catch (IOException | java.time.DateTimeException e) {
                return new BackupView(name, written, bytes, told, 0, Optional.ofNullable(e.getMessage()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
