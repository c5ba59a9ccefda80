package fluidframe.bench.hearing;

import fluidframe.core.music.analysis.Recording;
import fluidframe.library.song.SongSound;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Another program that hears beats, given the same sound as a file: aubiotrack, from Debian's package aubio-tools. */
final class OtherTracker {
    private static final String PROGRAM = "aubiotrack";

    private OtherTracker() {}

    /** Beats in seconds; empty where the program is not installed. */
    static Optional<List<Double>> beats(Recording recording) {
        try {
            Path file = Files.createTempFile("hearing", ".wav");
            try {
                Files.write(file, SongSound.wave(recording.samples()));
                Process process = new ProcessBuilder(PROGRAM, "-i", file.toString())
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
                String printed = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                int code = process.waitFor();
                if (code != 0) throw new IllegalStateException(PROGRAM + " ended with " + code);
                return Optional.of(printed.lines()
                        .filter(line -> !line.isBlank())
                        .map(line -> Double.valueOf(line.strip().split("\\s+")[0]))
                        .toList());
            } finally {
                Files.delete(file);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (IOException e) {
            if (e.getMessage().contains(PROGRAM)) return Optional.empty();
            throw new UncheckedIOException(e);
        }
    }
}
