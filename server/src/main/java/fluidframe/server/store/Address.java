package fluidframe.server.store;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Optional;

/**
 * Where a running studio answers.
 *
 * @param url its beginning, without a slash at its end
 * @param key that opens it to whoever may read its files
 */
public record Address(String url, String key) {
    private static final int LINES = 2;

    /** A new file, so that it is nobody else's from its first moment on. */
    static void write(Path file, Address address) throws IOException {
        Files.deleteIfExists(file);
        if (FileSystems.getDefault().supportedFileAttributeViews().contains("posix")) {
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        }
        Files.write(file, List.of(address.url(), address.key()));
    }

    static Optional<Address> read(Path file) {
        try {
            List<String> lines = Files.readAllLines(file);
            return lines.size() < LINES
                    ? Optional.empty()
                    : Optional.of(new Address(lines.get(0).strip(), lines.get(1).strip()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
