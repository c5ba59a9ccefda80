package fluidframe.server.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;
import java.util.stream.Stream;

/** Files of which nothing is seen before all of it is on the disk. */
public final class WholeFile {
    private static final String PART = ".part";

    private WholeFile() {}

    /** Something that writes a file. */
    public interface Content {
        void write(Path to) throws IOException;
    }

    /** Writes a file beside its place, forces it to the disk and puts it there; two at once do not meet. */
    public static void write(Path file, Content content) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + "." + UUID.randomUUID() + PART);
        try {
            content.write(part);
            try (FileChannel written = FileChannel.open(part, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Takes away what a kill has left half written. */
    public static void tidy(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) return;
        try (Stream<Path> all = Files.list(folder)) {
            for (Path part : all.filter(file -> file.toString().endsWith(PART)).toList()) Files.deleteIfExists(part);
        }
    }
}
