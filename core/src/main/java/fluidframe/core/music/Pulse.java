package fluidframe.core.music;

import fluidframe.core.count.TempoBand;
import java.util.Optional;

/**
 * Turns the beats of a routine into seconds: by its own tempo, or by the tempos of the song it is set to. Beats and seconds
 * count from the first beat of the routine's first bar, with a song from the first beat of the song.
 *
 * @param tempo bars a minute where there is no song
 * @param song only one of the routine's own metre
 * @param songBar the bar of the song on which the routine begins, from 1
 */
public record Pulse(double tempo, int beatsPerBar, Optional<Song> song, int songBar) {
    /** In a minute, since tempos are told in bars a minute. */
    private static final double SECONDS = 60;

    /**
     * A song of another metre cannot carry the routine and is left aside.
     *
     * @param songBar empty for the first bar after the introduction
     */
    public static Pulse of(double tempo, int beatsPerBar, Optional<Song> song, Optional<Integer> songBar) {
        Optional<Song> fitting = song.filter(s -> s.beatsPerBar() == beatsPerBar);
        return new Pulse(
                tempo,
                beatsPerBar,
                fitting,
                songBar.or(() -> fitting.map(Song::danceBar)).orElse(1));
    }

    public double seconds(double beat) {
        double bars = beat / beatsPerBar;
        return song.map(s -> s.seconds(songBar - 1 + bars)).orElse(bars * SECONDS / tempo);
    }

    /** The recording to which it is danced, where there is one. */
    public Optional<Recorded> sound() {
        return song.flatMap(Song::recording);
    }

    /** The beat of the song, from 0, on which the routine begins. */
    public double songBeat() {
        return (songBar - 1.0) * beatsPerBar;
    }

    /** The slowest and fastest tempo to which so many beats are danced. */
    public TempoBand played(double beats) {
        return song.map(s -> s.played(songBar, beats / beatsPerBar))
                .filter(tempos -> tempos.getCount() > 0)
                .map(tempos -> new TempoBand(tempos.getMin(), tempos.getMax()))
                .orElse(new TempoBand(tempo, tempo));
    }
}
