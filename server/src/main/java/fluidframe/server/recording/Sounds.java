package fluidframe.server.recording;

import fluidframe.server.recording.SoundsView.NamedSong;
import fluidframe.server.recording.SoundsView.Sound;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Which sounds are there, which of them songs name, and which of those are missing. */
@Service
class Sounds {
    /** A sound is kept some time before the song that is heard in it. */
    private static final Duration NEW = Duration.ofHours(2);

    private static final String SONG = "song";

    private final RecordingFiles files;
    private final JdbcTemplate database;
    private final Clock clock;

    Sounds(RecordingFiles files, JdbcTemplate database, Clock clock) {
        this.files = files;
        this.database = database;
        this.clock = clock;
    }

    /** By sound, the songs that are danced to it, and every sound that anything at all names. */
    private record Named(Map<String, List<NamedSong>> songs, Set<String> all) {}

    private Named named() {
        Named named = new Named(new TreeMap<>(), new HashSet<>());
        database.query(
                "select id, name, text, binned_at from document where kind = ?",
                row -> {
                    for (String file : filesIn(row.getString("text"))) {
                        named.all().add(file);
                        if (row.getObject("binned_at") != null) continue;
                        named.songs()
                                .computeIfAbsent(file, key -> new ArrayList<>())
                                .add(new NamedSong(row.getString("id"), row.getString("name")));
                    }
                },
                SONG);
        for (String table : List.of("document_version", "draft")) {
            database.query(
                    "select text from " + table + " where kind = ? and text is not null",
                    row -> {
                        named.all().addAll(filesIn(row.getString("text")));
                    },
                    SONG);
        }
        return named;
    }

    private static List<String> filesIn(String text) {
        List<String> found = new ArrayList<>();
        Matcher matcher = RecordingFiles.NAME.matcher(text);
        while (matcher.find()) if (!found.contains(matcher.group())) found.add(matcher.group());
        return found;
    }

    SoundsView all() {
        Named named = named();
        List<Sound> there = new ArrayList<>();
        Map<String, List<NamedSong>> missing = new TreeMap<>(named.songs());
        for (Path file : files.all()) {
            String name = file.getFileName().toString();
            missing.remove(name);
            there.add(new Sound(
                    name,
                    size(file),
                    named.songs().getOrDefault(name, List.of()),
                    named.all().contains(name)));
        }
        there.sort(Comparator.comparingLong(Sound::bytes).reversed().thenComparing(Sound::file));
        return new SoundsView(
                files.folder().toString(),
                there.stream().mapToLong(Sound::bytes).sum(),
                there,
                missing.entrySet().stream()
                        .map(entry -> new Sound(entry.getKey(), 0, entry.getValue(), true))
                        .toList(),
                (int) there.stream().filter(sound -> !sound.used()).count());
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException e) {
            // Cleared away at this moment.
            return 0;
        }
    }

    /** Every sound in one zip, named as they lie in the folder. */
    void write(OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            // Sounds are pressed already.
            zip.setLevel(0);
            for (Path file : files.all()) {
                try (InputStream sound = Files.newInputStream(file)) {
                    zip.putNextEntry(new ZipEntry("recordings/" + file.getFileName()));
                    sound.transferTo(zip);
                    zip.closeEntry();
                } catch (NoSuchFileException e) {
                    // Cleared away since the folder was read.
                    continue;
                }
            }
        }
    }

    /** Clears away what nothing names, unless it has only just come. */
    SoundsView.Cleared clear() {
        int cleared = 0;
        long bytes = 0;
        List<Path> there = files.all();
        // Looked up after the folder: a song saved meanwhile names its sound by now.
        Set<String> named = named().all();
        for (Path file : there) {
            if (named.contains(file.getFileName().toString())) continue;
            OptionalLong gone = files.deleteIfBefore(file, clock.instant().minus(NEW));
            bytes += gone.orElse(0);
            if (gone.isPresent()) cleared++;
        }
        return new SoundsView.Cleared(cleared, bytes);
    }
}
