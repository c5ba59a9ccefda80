package fluidframe.core.music;

import java.util.List;

/**
 * The recording of a song and where its beats are.
 *
 * @param file by which its sound is kept
 * @param seconds how long it lasts, at most 720
 * @param beats in seconds from its beginning, in order, 2 to 4000
 * @param one the index of the beat on which bar 1 of the song begins
 */
public record Recorded(String file, double seconds, List<Double> beats, int one) {
    /** Twelve minutes; longer pieces are sets of several, and each of them is a song. */
    public static final int MOST_SECONDS = 12 * 60;
    /** Beats of twelve minutes of the quickest music. */
    public static final int MOST_BEATS = 4000;
    /** Nothing is counted as quickly as this, in seconds from beat to beat. */
    public static final double CLOSEST = 0.1;

    /** Refuses what cannot be: every sentence says what it must be and what it was. */
    public Recorded {
        beats = List.copyOf(beats);
        if (beats.size() < 2 || beats.size() > MOST_BEATS) {
            throw new IllegalArgumentException(
                    "A recording must have 2 to " + MOST_BEATS + " beats, but has " + beats.size());
        }
        if (one < 0 || one >= beats.size()) {
            throw new IllegalArgumentException("Bar 1 must begin on one of the " + beats.size() + " beats, 0 to "
                    + (beats.size() - 1) + ", but begins on " + one);
        }
        if (!(seconds > 0 && seconds <= MOST_SECONDS)) {
            throw new IllegalArgumentException(
                    "A recording must last at most " + MOST_SECONDS + " seconds, but lasts " + seconds);
        }
        for (int i = 0; i < beats.size(); i++) {
            double least = i == 0 ? 0 : beats.get(i - 1) + CLOSEST;
            if (!(beats.get(i) >= least - 1e-9 && beats.get(i) <= seconds)) {
                throw new IllegalArgumentException("Beat " + (i + 1) + " must be between "
                        + Math.round(least * 100) / 100.0 + " and " + seconds + " seconds, but is at " + beats.get(i));
            }
        }
    }

    /**
     * Seconds from the beginning of the recording to a beat.
     *
     * @param beat counted from the first beat of bar 1, also within beats and before it; beyond the last one, and before the
     *     first, the tempo goes on as it was
     */
    public double secondsAt(double beat) {
        double place = beat + one;
        int from = (int) Math.max(0, Math.min(beats.size() - 2.0, Math.floor(place)));
        double length = beats.get(from + 1) - beats.get(from);
        return beats.get(from) + (place - from) * length;
    }

    /** Whole bars from bar 1 to the last beat, at least 1. */
    public int bars(int beatsPerBar) {
        return Math.max(1, (beats.size() - one) / beatsPerBar);
    }

    /** Bars a minute over so many bars from a bar on, which counts from 1. */
    public double barsPerMinute(int bar, int bars, int beatsPerBar) {
        double from = secondsAt((bar - 1.0) * beatsPerBar);
        return 60 * bars / (secondsAt((bar - 1.0 + bars) * beatsPerBar) - from);
    }
}
