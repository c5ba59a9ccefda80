package fluidframe.library.archive;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.util.Set;

/** The files in a zip, by their paths; a path is a name here and never a place on a disk. */
interface ZipSource extends Closeable {
    /** The largest file read out of a zip, in bytes. */
    int MOST_BYTES = 128 << 20;

    /** The most files looked at in one zip. */
    int MOST_FILES = 200_000;

    Set<String> paths();

    /**
     * One file whole.
     *
     * @throws IOException if it is not there, damaged or too large
     */
    byte[] read(String path) throws IOException;

    /** When it was last changed, to the second. */
    Instant time(String path);

    /** At most {@link #MOST_BYTES} of a stream; what a header says of its length is not believed. */
    static byte[] bounded(InputStream in, String path) throws IOException {
        byte[] bytes = in.readNBytes(MOST_BYTES + 1);
        if (bytes.length > MOST_BYTES) throw new IOException(path + " is larger than " + (MOST_BYTES >> 20) + " MB");
        return bytes;
    }
}
