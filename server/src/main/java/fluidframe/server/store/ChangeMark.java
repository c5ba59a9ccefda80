package fluidframe.server.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The number of the last change that was acknowledged, kept beside the database and not in it: a database that has lost its
 * newest part cannot tell, but this can. One line of fixed width, written in one piece and forced to the disk.
 */
final class ChangeMark {
    /**
     * What a start finds.
     *
     * @param changes number of the last change acknowledged, 0 for none
     * @param length of the database file in bytes after a clean stop, -1 while a server runs or after a kill
     */
    record Found(long changes, long length) {}

    private static final Pattern LINE = Pattern.compile("changes (\\d{18}) length (-1|\\d+)\\s*");
    private static final int WIDTH = 64;

    private final Path file;

    ChangeMark(Path file) {
        this.file = file;
    }

    /** Empty if there is none or it cannot be read. */
    Optional<Found> read() {
        try {
            Matcher line = LINE.matcher(Files.readString(file, StandardCharsets.ISO_8859_1));
            return line.matches()
                    ? Optional.of(new Found(Long.parseLong(line.group(1)), Long.parseLong(line.group(2))))
                    : Optional.empty();
        } catch (NoSuchFileException e) {
            return Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A change has been acknowledged, or is about to be. */
    void acknowledge(long changes) {
        write(changes, -1);
    }

    /** The server has stopped in good order and the database file has this length. */
    void close(long changes, long length) {
        write(changes, length);
    }

    private void write(long changes, long length) {
        String line = "changes %018d length %d".formatted(changes, length);
        ByteBuffer bytes =
                ByteBuffer.wrap(("%-" + (WIDTH - 1) + "s\n").formatted(line).getBytes(StandardCharsets.ISO_8859_1));
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            channel.write(bytes, 0);
            channel.force(false);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
