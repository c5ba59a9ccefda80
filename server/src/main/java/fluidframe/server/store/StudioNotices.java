package fluidframe.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What a start had to say of the studio, kept until somebody has read it: one line each, the oldest first. */
final class StudioNotices {
    private static final Logger LOG = LoggerFactory.getLogger(StudioNotices.class);
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final Path file;
    private final Clock clock;

    StudioNotices(Path file, Clock clock) {
        this.file = file;
        this.clock = clock;
    }

    synchronized void add(String sentence) {
        LOG.warn(sentence);
        try {
            Files.writeString(
                    file,
                    LocalDateTime.now(clock).format(WHEN) + ": " + sentence + "\n",
                    StandardOpenOption.CREATE,
                    StandardOpenOption.APPEND);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    synchronized List<String> all() {
        try {
            return Files.readAllLines(file).stream()
                    .filter(line -> !line.isBlank())
                    .toList();
        } catch (NoSuchFileException e) {
            return List.of();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    synchronized void clear() {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
