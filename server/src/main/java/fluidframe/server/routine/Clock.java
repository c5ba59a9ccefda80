package fluidframe.server.routine;

import fluidframe.core.event.Event;
import fluidframe.core.music.Song;
import java.util.Optional;

/** Turns beats of a routine into seconds: by its own tempo, or from the first beat of the song it is set to. */
record Clock(double tempo, int beatsPerBar, Optional<Song> song, int songBar) {
    static Clock of(RoutineDraft draft, Optional<Song> song, int beatsPerBar) {
        Optional<Song> fitting = song.filter(s -> s.beatsPerBar() == beatsPerBar);
        int bar = draft.songBar() != null
                ? draft.songBar()
                : fitting.map(Song::danceBar).orElse(1);
        return new Clock(draft.tempo(), beatsPerBar, fitting, bar);
    }

    double seconds(double beat) {
        double bars = beat / beatsPerBar;
        return song.map(s -> s.seconds(songBar - 1 + bars)).orElse(bars * 60 / tempo);
    }

    /** The slowest and fastest tempo to which so many beats are danced. */
    Event.Band played(double beats) {
        return song.map(s -> s.played(songBar, beats / beatsPerBar))
                .filter(tempos -> tempos.getCount() > 0)
                .map(tempos -> new Event.Band(tempos.getMin(), tempos.getMax()))
                .orElse(new Event.Band(tempo, tempo));
    }

    /** To a tenth of a second. */
    double rounded(double beat) {
        return Math.round(seconds(beat) * 10) / 10.0;
    }
}
