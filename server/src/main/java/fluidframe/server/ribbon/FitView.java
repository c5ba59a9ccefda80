package fluidframe.server.ribbon;

import fluidframe.core.music.Song;
import fluidframe.core.music.SongFit;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A routine against its song.
 *
 * @param songBar the bar of the song on which the routine begins
 * @param sections its parts from there on
 * @param spareBars bars of the song left after the routine, negative if it goes on beyond the end
 */
record FitView(
        String song,
        int songBar,
        List<SectionView> sections,
        double spareBars,
        List<FallView> falls,
        List<MeetingView> meetings,
        List<AccentView> accents) {
    /** A part of the song; {@code bar} counts from 0, the routine's first. */
    record SectionView(String name, int bar, int bars) {}

    /** Where a block begins in the song. */
    record FallView(int bar, double beat, double seconds, String section) {}

    /** A section of the song; beats count from the routine's first bar, {@code late} beats into block {@code block}. */
    record MeetingView(String section, int bar, double seconds, double startBeat, int block, double late) {}

    /** An accent of the song; beats count from the routine's first bar. */
    record AccentView(int bar, int beat, double startBeat, int block, boolean begins) {}

    /** The fit, or why there is none. */
    record Set(FitView view, String problem) {}

    static Set of(Routine routine, RoutineWork work, Optional<Song> song) {
        if (routine.song().isEmpty()) return new Set(null, null);
        if (song.isEmpty()) return new Set(null, "The song it was set to is gone: choose another.");
        int bar = routine.songBar().orElse(song.get().danceBar());
        try {
            return new Set(view(song.get(), bar, SongFit.of(work, song.get(), bar)), null);
        } catch (IllegalArgumentException e) {
            return new Set(null, e.getMessage());
        }
    }

    private static FitView view(Song song, int songBar, SongFit fit) {
        List<FallView> falls = new ArrayList<>();
        for (SongFit.Fall fall : fit.falls()) {
            falls.add(new FallView(
                    fall.bar(),
                    Math.round(fall.beat() * 100) / 100.0,
                    Math.round(fall.seconds() * 10) / 10.0,
                    song.sections().get(fall.section()).name()));
        }
        return new FitView(
                song.name(),
                songBar,
                sections(song, songBar),
                fit.spareBars(),
                falls,
                fit.meetings().stream()
                        .map(m -> new MeetingView(
                                song.sections().get(m.section()).name(),
                                m.bar(),
                                Math.round(m.seconds() * 10) / 10.0,
                                (double) (m.bar() - songBar) * song.beatsPerBar(),
                                m.block(),
                                m.late().toDouble()))
                        .toList(),
                fit.accents().stream()
                        .map(a -> new AccentView(
                                a.accent().bar(),
                                a.accent().beat(),
                                (double) (a.accent().bar() - songBar) * song.beatsPerBar()
                                        + a.accent().beat()
                                        - 1,
                                a.block(),
                                a.begins()))
                        .toList());
    }

    /** A part under way where the routine begins counts from there. */
    private static List<SectionView> sections(Song song, int songBar) {
        List<SectionView> sections = new ArrayList<>();
        for (int i = 0; i < song.sections().size(); i++) {
            int from = Math.max(song.beginnings().get(i), songBar);
            int to = song.beginnings().get(i) + song.sections().get(i).bars();
            if (to > from) sections.add(new SectionView(song.sections().get(i).name(), from - songBar, to - from));
        }
        return sections;
    }
}
