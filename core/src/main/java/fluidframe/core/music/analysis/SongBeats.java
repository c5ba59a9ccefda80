package fluidframe.core.music.analysis;

import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Beats of a recording changed, and a song laid on changed beats so that everything keeps its time. */
final class SongBeats {
    /** A tempo that differs by less than this share is the same. */
    private static final double SAME_TEMPO = 0.03;
    /** Bars over which a tempo is read. */
    private static final int READ_BARS = 4;

    /** More changes are swaying, which only the beats can tell. */
    private static final int MOST_MARKS = 100;

    private static final double TENTHS = 10;

    private SongBeats() {}

    static Recorded halved(Recorded from) {
        List<Double> beats = new ArrayList<>();
        for (int i = from.one() % 2; i < from.beats().size(); i += 2)
            beats.add(from.beats().get(i));
        return new Recorded(from.file(), from.seconds(), beats, from.one() / 2);
    }

    static Recorded doubled(Recorded from) {
        List<Double> beats = new ArrayList<>();
        for (int i = 0; i < from.beats().size(); i++) {
            if (i > 0) beats.add((from.beats().get(i - 1) + from.beats().get(i)) / 2);
            beats.add(from.beats().get(i));
        }
        return new Recorded(from.file(), from.seconds(), beats, from.one() * 2);
    }

    static Recorded tapped(Recorded from, BeatChange.Tap tap, Strengths heard) {
        List<Double> taps = new ArrayList<>();
        for (double each : tap.taps()) {
            double second = heard.nearest(each, BeatChange.TAPPED_WITHIN);
            if (second < 0 || second > from.seconds()) continue;
            if (taps.isEmpty() || second >= taps.get(taps.size() - 1) + Recorded.CLOSEST) taps.add(second);
        }
        if (taps.size() < 2) {
            throw new IllegalArgumentException(
                    "At least two taps must fall within the recording's " + Math.round(from.seconds()) + " seconds");
        }
        double last = taps.get(taps.size() - 1);
        double period = (last - taps.get(0)) / (taps.size() - 1);
        List<Double> beats = new ArrayList<>();
        for (double beat : from.beats()) if (beat < taps.get(0) - period / 2) beats.add(beat);
        beats.addAll(taps);
        if (tap.follow()) {
            beats.addAll(heard.following(last, period, Math.max(last, lastOf(from))));
        } else {
            for (double beat : from.beats()) if (beat > last + period / 2) beats.add(beat);
        }
        return new Recorded(from.file(), from.seconds(), beats, nearest(beats, from.secondsAt(0)));
    }

    private static double lastOf(Recorded recorded) {
        return recorded.beats().get(recorded.beats().size() - 1);
    }

    private static int nearest(List<Double> beats, double second) {
        int nearest = 0;
        for (int i = 1; i < beats.size(); i++) {
            if (Math.abs(beats.get(i) - second) < Math.abs(beats.get(nearest) - second)) nearest = i;
        }
        return nearest;
    }

    /** The same song on other beats: sections and accents fall on the bars nearest to their time. */
    static Song rebeaten(Song song, Recorded beats) {
        Recorded before = song.recording().orElseThrow();
        int perBar = song.beatsPerBar();
        int bars = Math.min(Song.MOST_BARS, beats.bars(perBar));
        List<Song.Section> sections = new ArrayList<>();
        int begins = 0;
        for (int i = 0; i < song.sections().size() && begins < bars; i++) {
            Song.Section section = song.sections().get(i);
            int ends = bars;
            if (i + 1 < song.sections().size()) {
                double second = before.secondsAt((song.beginnings().get(i + 1) - 1.0) * perBar);
                ends = (int) Math.max(begins + 1.0, Math.min(bars, Math.round(beatAt(beats, second) / perBar)));
            }
            sections.add(new Song.Section(section.name(), ends - begins, section.kind()));
            begins = ends;
        }
        List<Song.Accent> accents = new ArrayList<>();
        for (Song.Accent accent : song.accents()) {
            double second = before.secondsAt((accent.bar() - 1.0) * perBar + accent.beat() - 1);
            int beat = (int) Math.round(beatAt(beats, second));
            Song.Accent moved = new Song.Accent(Math.floorDiv(beat, perBar) + 1, Math.floorMod(beat, perBar) + 1);
            if (beat >= 0 && moved.bar() <= bars && !accents.contains(moved)) accents.add(moved);
        }
        return new Song(
                song.name(),
                perBar,
                song.phraseBars(),
                sections,
                tempos(beats, perBar, bars),
                accents,
                Optional.of(beats));
    }

    /** Which beat falls at a moment, counted from bar 1 and also between beats. */
    static double beatAt(Recorded recorded, double second) {
        List<Double> beats = recorded.beats();
        int from = 0;
        while (from + 2 < beats.size() && beats.get(from + 1) <= second) from++;
        double length = beats.get(from + 1) - beats.get(from);
        return from + (second - beats.get(from)) / length - recorded.one();
    }

    /** Tempos in bars a minute wherever it changes for more than a moment. */
    static List<Song.TempoMark> tempos(Recorded recorded, int perBar, int bars) {
        List<Song.TempoMark> marks = new ArrayList<>();
        double now = 0;
        for (int bar = 1; bar <= bars && marks.size() < MOST_MARKS; bar++) {
            int over = Math.min(READ_BARS, bars - bar + 1);
            if (now > 0 && over < READ_BARS) break;
            double tempo = recorded.barsPerMinute(bar, over, perBar);
            if (now > 0 && Math.abs(tempo / now - 1) < SAME_TEMPO) continue;
            // Where it is changing the tempo is read once it has changed.
            if (now > 0 && bar + READ_BARS <= bars) {
                double next = recorded.barsPerMinute(bar + 1, over, perBar);
                if (Math.abs(next / tempo - 1) > SAME_TEMPO / 4) continue;
            }
            now = tempo;
            double told = Math.round(tempo * TENTHS) / TENTHS;
            marks.add(new Song.TempoMark(bar, Math.max(Song.SLOWEST, Math.min(Song.FASTEST, told))));
        }
        return marks;
    }
}
