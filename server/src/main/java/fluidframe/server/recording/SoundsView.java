package fluidframe.server.recording;

import java.util.List;

/**
 * The sounds of recordings, which no backup holds.
 *
 * @param folder where they lie
 * @param bytes how large all of them are
 * @param sounds those that are there, the largest first
 * @param missing those that songs name and that are not there
 * @param unused how many that are there no song names any more
 */
record SoundsView(String folder, long bytes, List<Sound> sounds, List<Sound> missing, int unused) {
    /**
     * A sound.
     *
     * @param bytes its size; 0 where it is missing
     * @param songs that are danced to it; none where only an older version, or one in the bin, still names it
     * @param used whether anything names it, a version kept or something in the bin among them
     */
    record Sound(String file, long bytes, List<NamedSong> songs, boolean used) {}

    record NamedSong(String id, String name) {}

    /** What was cleared away. */
    record Cleared(int sounds, long bytes) {}
}
