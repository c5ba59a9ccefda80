package fluidframe.core.music.analysis;

import java.util.Arrays;
import java.util.List;

/** Which of the beats is one: where the bass comes down, where it is loudest and where the harmony changes. */
final class Ones {
    /** Harmony says most, for drums also play between. */
    private static final double HARMONY = 4;

    private static final int NEAR = 4;

    /**
     * @param first the index of the first one among the beats
     * @param confidence 0 where another beat is as likely, towards 1 where none is
     */
    record Found(int first, double confidence) {}

    private Ones() {}

    static Found of(BeatSound sound, Onsets onsets, List<Double> beats, int beatsPerBar) {
        if (beats.size() < 2 * beatsPerBar) return new Found(0, 0);
        double[] bass = new double[beats.size()];
        double[] all = new double[beats.size()];
        for (int i = 0; i < beats.size(); i++) {
            bass[i] = most(onsets.bass(), beats.get(i));
            all[i] = most(onsets.all(), beats.get(i));
        }
        double[] change = changes(sound, beats.size(), beatsPerBar);
        double[] says = new double[beatsPerBar];
        for (int phase = 0; phase < beatsPerBar; phase++) {
            says[phase] = above(bass, phase, beatsPerBar)
                    + above(all, phase, beatsPerBar) / 2
                    + HARMONY * above(change, phase, beatsPerBar);
        }
        int first = 0;
        for (int phase = 1; phase < beatsPerBar; phase++) if (says[phase] > says[first]) first = phase;
        double best = says[first];
        double second = Double.NEGATIVE_INFINITY;
        for (int phase = 0; phase < beatsPerBar; phase++) if (phase != first) second = Math.max(second, says[phase]);
        return new Found(first, Math.max(0, Math.min(1, (best - second) / 2)));
    }

    private static double most(double[] strength, double second) {
        int step = (int) Math.round(second * Onsets.PER_SECOND);
        double most = 0;
        for (int at = Math.max(0, step - NEAR); at <= Math.min(strength.length - 1, step + NEAR); at++) {
            most = Math.max(most, strength[at]);
        }
        return most;
    }

    /** By how many of its own spreads the values of a phase lie above all. */
    private static double above(double[] values, int phase, int beatsPerBar) {
        double mean = Arrays.stream(values).average().orElse(0);
        double spread = Math.sqrt(Arrays.stream(values)
                .map(v -> (v - mean) * (v - mean))
                .average()
                .orElse(0));
        double sum = 0;
        int count = 0;
        for (int i = phase; i < values.length; i += beatsPerBar) {
            sum += values[i];
            count++;
        }
        return spread < 1e-9 ? 0 : (sum / count - mean) / spread;
    }

    /** How much the tones of the bar that would begin with each beat differ from those of the bar before. */
    private static double[] changes(BeatSound sound, int count, int beatsPerBar) {
        double[] changes = new double[count];
        for (int i = beatsPerBar; i + beatsPerBar <= count; i++) {
            changes[i] = 1 - BeatSound.likeness(sound.tones(i - beatsPerBar, i), sound.tones(i, i + beatsPerBar));
        }
        return changes;
    }
}
