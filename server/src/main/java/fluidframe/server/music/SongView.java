package fluidframe.server.music;

import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A song as kept, with the times worked out; seconds count from its first beat. */
record SongView(UUID id, long version, SongDraft song, int bars, double seconds, List<Double> sectionSeconds) {
    /** A line in the list of songs. */
    record SongSummary(UUID id, String name, int beatsPerBar, int bars, double seconds, double barsPerMinute) {}

    static SongView of(UUID id, long version, Song song) {
        List<Double> starts = new ArrayList<>();
        for (int bar : song.beginnings()) starts.add(tenths(song.seconds(bar - 1.0)));
        return new SongView(id, version, SongDraft.of(song), song.bars(), tenths(song.lengthSeconds()), starts);
    }

    static SongSummary summary(UUID id, Song song) {
        return new SongSummary(
                id,
                song.name(),
                song.beatsPerBar(),
                song.bars(),
                tenths(song.lengthSeconds()),
                song.tempos().get(0).barsPerMinute());
    }

    private static double tenths(double seconds) {
        return Math.round(seconds * 10) / 10.0;
    }
}
