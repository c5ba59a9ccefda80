package fluidframe.server.recording;

import fluidframe.core.music.analysis.Strengths;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.store.DataFolder;
import fluidframe.server.store.WholeFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalLong;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** The sound of recordings, each in a file named after what is in it: there whole or not at all, and the same only once. */
@Component
public class RecordingFiles {
    /** What a browser may be able to decode, with the type it is served as. */
    private static final Map<String, String> KINDS = Map.of(
            "wav", "audio/wav",
            "mp3", "audio/mpeg",
            "ogg", "audio/ogg",
            "opus", "audio/ogg",
            "m4a", "audio/mp4",
            "flac", "audio/flac");

    /** Of a file of ours. */
    static final Pattern NAME = Pattern.compile("[0-9a-f]{64}\\.[a-z0-9]{2,5}");

    private static final String STRENGTHS = ".heard";

    private final Path folder;

    RecordingFiles(ObjectProvider<DataFolder> data) throws IOException {
        DataFolder at = data.getIfAvailable();
        folder =
                at == null ? Files.createTempDirectory("recordings") : at.file().resolveSibling("recordings");
        WholeFile.tidy(folder);
    }

    /**
     * Keeps a sound.
     *
     * @param name what its file was called, for its ending
     * @return by which it is found again
     * @throws IllegalArgumentException if no browser plays what ends so
     */
    public synchronized String keep(String name, byte[] sound) {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (!KINDS.containsKey(ending)) {
            throw new IllegalArgumentException(
                    "\"" + name + "\" is no recording that can be taken: it must end in .wav,"
                            + " .mp3, .ogg, .opus, .m4a or .flac");
        }
        if (sound.length == 0) throw new IllegalArgumentException("\"" + name + "\" is empty");
        String file = HexFormat.of().formatHex(sha256(sound)) + "." + ending;
        if (Files.exists(folder.resolve(file))) touch(folder.resolve(file));
        else write(file, sound);
        return file;
    }

    private void write(String file, byte[] bytes) {
        try {
            Files.createDirectories(folder);
            WholeFile.write(folder.resolve(file), to -> Files.write(to, bytes));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] sha256(byte[] bytes) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    /** The file of a sound; refused where there is none, as in a studio restored from a backup without recordings. */
    Path find(String file) {
        if (!isKept(file, "")) {
            throw new NotFoundException(
                    "The sound of this recording is not in the studio's data folder: put its file back"
                            + " on the song's page. Its beats are kept with the song");
        }
        return folder.resolve(file);
    }

    Path folder() {
        return folder;
    }

    /** Every sound that is kept. */
    List<Path> all() {
        if (!Files.isDirectory(folder)) return List.of();
        try (Stream<Path> there = Files.list(folder)) {
            return there.filter(
                            file -> NAME.matcher(file.getFileName().toString()).matches())
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One that comes again is as new as one that comes for the first time. */
    private static void touch(Path file) {
        try {
            Files.setLastModifiedTime(file, FileTime.from(Instant.now()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Deletes a sound with what was heard in it, unless it came, or came again, later than this.
     *
     * @return how many bytes it had; empty if it stays, or was gone
     */
    synchronized OptionalLong deleteIfBefore(Path file, Instant then) {
        try {
            if (Files.getLastModifiedTime(file).toInstant().isAfter(then)) return OptionalLong.empty();
            long bytes = Files.size(file);
            Files.deleteIfExists(file.resolveSibling(file.getFileName() + STRENGTHS));
            Files.delete(file);
            return OptionalLong.of(bytes);
        } catch (NoSuchFileException e) {
            return OptionalLong.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The name is looked at first: what is no name of ours is no path either. */
    private boolean isKept(String file, String more) {
        return NAME.matcher(file).matches() && Files.exists(folder.resolve(file + more));
    }

    static String type(String file) {
        return KINDS.getOrDefault(file.substring(file.lastIndexOf('.') + 1), "application/octet-stream");
    }

    /** Keeps what was heard, so that beats can be looked for again. */
    public void keep(String file, Strengths strengths) {
        find(file);
        write(file + STRENGTHS, strengths.hundredths());
    }

    /** What was heard; nothing where that is not known any more. */
    Strengths strengths(String file) {
        if (!isKept(file, STRENGTHS)) return Strengths.none();
        try {
            return new Strengths(Files.readAllBytes(folder.resolve(file + STRENGTHS)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
