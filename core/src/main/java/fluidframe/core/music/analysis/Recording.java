package fluidframe.core.music.analysis;

import fluidframe.core.music.Recorded;

/**
 * Sound of one channel.
 *
 * @param samples from -1 to 1; not copied, since a song has millions of them, and nobody here writes into them
 * @param rate samples a second
 */
public record Recording(float[] samples, int rate) {
    /** Longer pieces are sets of several, and each of them is a song. */
    public static final int MOST_SECONDS = Recorded.MOST_SECONDS;
    /** Below this nothing is heard. */
    private static final double SILENCE = 1e-3;

    private static final int LEAST_RATE = 8000;
    private static final int MOST_RATE = 48_000;

    /** Refuses what cannot be listened to, and says why. */
    public Recording {
        if (rate < LEAST_RATE || rate > MOST_RATE) {
            throw new IllegalArgumentException(
                    "A recording must have " + LEAST_RATE + " to " + MOST_RATE + " samples a second, but has " + rate);
        }
        if (samples.length > (long) MOST_SECONDS * rate) {
            throw new IllegalArgumentException("A recording must last at most " + MOST_SECONDS + " seconds, but lasts "
                    + Math.round(samples.length / (double) rate));
        }
    }

    public double seconds() {
        return samples.length / (double) rate;
    }

    /** Whether there is anything to hear. */
    public boolean isSilent() {
        for (float sample : samples) if (Math.abs(sample) > SILENCE) return false;
        return true;
    }
}
