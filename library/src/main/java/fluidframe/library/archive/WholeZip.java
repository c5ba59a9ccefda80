package fluidframe.library.archive;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/** A zip whose directory at its end can be read. */
final class WholeZip implements ZipSource {
    private final ZipFile zip;
    private final Map<String, ZipEntry> entries = new LinkedHashMap<>();

    WholeZip(Path file) throws IOException {
        try {
            zip = new ZipFile(file.toFile());
        } catch (IllegalArgumentException e) {
            throw new IOException("The names in it cannot be read", e);
        }
        if (zip.size() > MOST_FILES) {
            zip.close();
            throw new IOException("It holds more than " + MOST_FILES + " files");
        }
        zip.stream()
                .filter(entry -> !entry.isDirectory())
                .forEach(entry -> entries.putIfAbsent(entry.getName(), entry));
    }

    @Override
    public Set<String> paths() {
        return entries.keySet();
    }

    @Override
    public byte[] read(String path) throws IOException {
        ZipEntry entry = entries.get(path);
        if (entry == null) throw new IOException(path + " is missing");
        try (InputStream in = zip.getInputStream(entry)) {
            return ZipSource.bounded(in, path);
        }
    }

    @Override
    public Instant time(String path) {
        return entries.get(path).getLastModifiedTime().toInstant();
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
