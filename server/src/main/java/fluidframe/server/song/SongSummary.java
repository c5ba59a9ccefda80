package fluidframe.server.song;

import fluidframe.core.music.Song;

/** A line in the list of songs. */
public record SongSummary(String name, int beatsPerBar, int bars, double seconds, double barsPerMinute) {
    static SongSummary of(Song song) {
        return new SongSummary(
                song.name(),
                song.beatsPerBar(),
                song.bars(),
                SongView.tenths(song.lengthSeconds()),
                song.tempos().get(0).barsPerMinute());
    }
}
