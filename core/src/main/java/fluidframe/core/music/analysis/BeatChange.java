package fluidframe.core.music.analysis;

import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** A correction of where the beats of a recording are. What is placed on the song follows: it keeps its time. */
public sealed interface BeatChange {
    /** Twice as slow: every second beat goes, and the one stays. */
    record Half() implements BeatChange {}

    /** Twice as quick: a beat between every two. */
    record Twice() implements BeatChange {}

    /** Bar 1 begins on another beat, by its index. */
    record One(int beat) implements BeatChange {}

    /** A beat, by its index, is at another moment. */
    record Move(int beat, double seconds) implements BeatChange {}

    /** One beat more. */
    record Add(double seconds) implements BeatChange {}

    /** A beat, by its index, is none. */
    record Remove(int beat) implements BeatChange {}

    /**
     * Beats as somebody taps them along.
     *
     * @param taps at least two, in seconds, in order
     * @param follow whether those after the last tap are looked for anew, from its tempo
     */
    record Tap(List<Double> taps, boolean follow) implements BeatChange {
        public Tap {
            if (taps.stream().anyMatch(Objects::isNull)) {
                throw new IllegalArgumentException("Every tap must be a number of seconds");
            }
            taps = List.copyOf(taps);
            if (taps.size() < 2) {
                throw new IllegalArgumentException("At least two taps are needed, but there was "
                        + (taps.isEmpty() ? "none" : "one") + ": tap along for a bar or more");
            }
        }
    }

    /** How far from a tap the beat is looked for, in seconds: nobody taps more exactly. */
    double TAPPED_WITHIN = 0.07;

    /**
     * The song with its beats corrected.
     *
     * @param heard what was heard in its recording
     * @throws IllegalArgumentException if it has no recording, or the beats cannot be so
     */
    default Song of(Song song, Strengths heard) {
        Recorded recorded = song.recording()
                .orElseThrow(() -> new IllegalArgumentException(
                        "\"" + song.name() + "\" has no recording, so its tempo is written and not heard"));
        return SongBeats.rebeaten(song, changed(recorded, heard));
    }

    private Recorded changed(Recorded recorded, Strengths heard) {
        List<Double> beats = new ArrayList<>(recorded.beats());
        int one = recorded.one();
        if (this instanceof Half) return SongBeats.halved(recorded);
        if (this instanceof Twice) return SongBeats.doubled(recorded);
        if (this instanceof Tap tap) return SongBeats.tapped(recorded, tap, heard);
        if (this instanceof One other) {
            one = other.beat();
        } else if (this instanceof Move move) {
            beats.set(within(move.beat(), beats), move.seconds());
        } else if (this instanceof Add added) {
            int before =
                    (int) beats.stream().filter(beat -> beat < added.seconds()).count();
            beats.add(before, added.seconds());
            if (before <= one) one++;
        } else if (this instanceof Remove removed) {
            beats.remove(within(removed.beat(), beats));
            if (removed.beat() < one || one == beats.size()) one--;
        }
        return new Recorded(recorded.file(), recorded.seconds(), beats, one);
    }

    private static int within(int beat, List<Double> beats) {
        if (beat < 0 || beat >= beats.size()) {
            throw new IllegalArgumentException("A beat must be 0 to " + (beats.size() - 1) + ", but was " + beat);
        }
        return beat;
    }
}
