package fluidframe.core.music.analysis;

import fluidframe.core.count.Dance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What is heard in a recording.
 *
 * @param beats in seconds from its beginning, in order
 * @param beatsPerBar of the metre
 * @param firstOne the index of the first one among the beats
 * @param barsPerMinute the tempo of most of it; 0 where there is none
 * @param sureOfBeats how alike the rhythm is from bar to bar, 0 to 1
 * @param sureOfOne 0 where another beat is as likely to be one, towards 1 where none is
 */
public record Heard(
        List<Double> beats, int beatsPerBar, int firstOne, double barsPerMinute, double sureOfBeats, double sureOfOne) {
    /** How far outside of its band a dance is still looked for, to either side. */
    private static final double SLOWER = 0.72;

    private static final double FASTER = 1.3;

    public Heard {
        beats = List.copyOf(beats);
    }

    static Heard none(int beatsPerBar) {
        return new Heard(List.of(), beatsPerBar, 0, 0, 0, 0);
    }

    /** The beats alone, looked for at the tempos of a dance and somewhat beyond them. */
    static List<Double> beats(Onsets onsets, Dance dance) {
        int beatsPerBar = dance.beatsPerBar();
        TempoCurve tempo = TempoCurve.of(
                onsets,
                dance.slowestBarsPerMinute() * beatsPerBar * SLOWER,
                dance.fastestBarsPerMinute() * beatsPerBar * FASTER,
                beatsPerBar);
        return BeatTrack.of(onsets, tempo);
    }

    /** With the first one that all of it together speaks for. */
    static Heard of(Onsets onsets, BeatSound sound, List<Double> beats, int beatsPerBar) {
        return of(onsets, sound, new InTime(beats, -1, List.of(), 0), beatsPerBar);
    }

    static Heard of(Onsets onsets, BeatSound sound, InTime inTime, int beatsPerBar) {
        List<Double> beats = inTime.beats();
        Ones.Found found = Ones.of(sound, onsets, beats, beatsPerBar);
        int one = inTime.one() < 0 ? found.first() : inTime.one();
        double seconds = (onsets.steps() - 1) / (double) Onsets.PER_SECOND;
        return new Heard(
                filled(beats, one, beatsPerBar, seconds),
                beatsPerBar,
                one,
                barsPerMinute(beats, beatsPerBar),
                inTime.sure(),
                one == found.first() ? found.confidence() : 0);
    }

    /** What rings out on the last beats of a bar does not begin on them: the last bar is counted to its end. */
    private static List<Double> filled(List<Double> beats, int one, int beatsPerBar, double seconds) {
        if (beats.size() < 2) return beats;
        List<Double> filled = new ArrayList<>(beats);
        double apart = beats.get(beats.size() - 1) - beats.get(beats.size() - 2);
        while ((filled.size() - one) % beatsPerBar != 0) {
            double next = filled.get(filled.size() - 1) + apart;
            if (next > seconds) return beats;
            filled.add(next);
        }
        return filled;
    }

    /** By the mean of the middle half of all distances, which a few that are wrong do not move. */
    private static double barsPerMinute(List<Double> beats, int beatsPerBar) {
        if (beats.size() < 2) return 0;
        double[] apart = new double[beats.size() - 1];
        for (int i = 0; i < apart.length; i++) apart[i] = beats.get(i + 1) - beats.get(i);
        Arrays.sort(apart);
        int from = apart.length / 4;
        int to = Math.max(from + 1, apart.length * 3 / 4);
        return 60 / Arrays.stream(apart, from, to).average().orElseThrow() / beatsPerBar;
    }
}
