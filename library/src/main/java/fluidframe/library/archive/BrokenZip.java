package fluidframe.library.archive;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * What is left of a zip that has lost its directory, as one that was cut off: every place at which a file may begin is tried,
 * and what proves whole by its own check sum is there.
 */
final class BrokenZip implements ZipSource {
    private record Place(long offset, Instant time) {}

    /** Bytes with which every file in a zip begins: PK, 3, 4. */
    private static final int BEGINNING = 0x504B0304;

    private static final int BLOCK = 1 << 20;

    /** Of the places tried: more are no zip of ours but an attempt to keep the reader busy. */
    private static final int MOST_PLACES = 2 * MOST_FILES;

    private final FileChannel file;
    private final Map<String, Place> places = new LinkedHashMap<>();

    BrokenZip(Path path) throws IOException {
        file = FileChannel.open(path, StandardOpenOption.READ);
        try {
            find();
        } catch (IOException | RuntimeException e) {
            file.close();
            throw e;
        }
    }

    private void find() throws IOException {
        ByteBuffer block = ByteBuffer.allocate(BLOCK);
        int tried = 0;
        int last = 0;
        long soundUpTo = 0;
        for (long at = 0; file.read(block.clear(), at) > 0; at += block.limit()) {
            block.flip();
            for (int i = 0; i < block.limit(); i++) {
                last = last << 8 | block.get(i) & 0xFF;
                long offset = at + i - 3;
                if (last != BEGINNING || offset < soundUpTo) continue;
                if (++tried > MOST_PLACES) return;
                soundUpTo = Math.max(soundUpTo, tryAt(offset));
            }
        }
    }

    /** @return up to where a sound file reaches at the least; the offset itself where there is none */
    private long tryAt(long offset) {
        try (ZipInputStream zip = at(offset)) {
            ZipEntry entry = zip.getNextEntry();
            if (entry == null || entry.isDirectory()) return offset;
            ZipSource.bounded(zip, entry.getName());
            places.putIfAbsent(
                    entry.getName(),
                    new Place(offset, entry.getLastModifiedTime().toInstant()));
            return entry.getCompressedSize() > 0 ? offset + entry.getCompressedSize() : offset + 1;
        } catch (IOException | RuntimeException e) {
            // No sound file begins here.
            return offset;
        }
    }

    private ZipInputStream at(long offset) throws IOException {
        FileChannel from = file.position(offset);
        // The channel is closed with this source, not with each file in it.
        InputStream open = new java.io.FilterInputStream(Channels.newInputStream(from)) {
            @Override
            public void close() {}
        };
        return new ZipInputStream(new BufferedInputStream(open), StandardCharsets.UTF_8);
    }

    @Override
    public Set<String> paths() {
        return places.keySet();
    }

    @Override
    public byte[] read(String path) throws IOException {
        Place place = places.get(path);
        if (place == null) throw new IOException(path + " is missing or damaged");
        try (ZipInputStream zip = at(place.offset())) {
            zip.getNextEntry();
            return ZipSource.bounded(zip, path);
        }
    }

    @Override
    public Instant time(String path) {
        return places.get(path).time();
    }

    @Override
    public void close() throws IOException {
        file.close();
    }
}
