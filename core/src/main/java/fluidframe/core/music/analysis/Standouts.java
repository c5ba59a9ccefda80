package fluidframe.core.music.analysis;

import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Beats that stand out: struck much harder than that beat of the bar usually is, or silent where there is music elsewhere. */
final class Standouts {
    private static final int MOST = 12;
    /** By how many of their own spreads. */
    private static final double HARD = 2.6;
    /** A share of the usual loudness. */
    private static final double STILL = 0.12;

    private static final int NEAR = 4;

    private Standouts() {}

    static List<Song.Accent> of(BeatSound sound, Onsets onsets, List<Double> beats, int one, int beatsPerBar) {
        int count = (beats.size() - one) / beatsPerBar * beatsPerBar;
        double[] struck = new double[count];
        for (int i = 0; i < count; i++) struck[i] = struck(onsets, beats.get(one + i));
        record Told(int beat, double worth) {}
        List<Told> told = new ArrayList<>();
        double usual = Arrays.stream(sound.loudness()).average().orElse(0);
        for (int i = 0; i < count; i++) {
            boolean still = sound.loudness()[one + i] < STILL * usual
                    && (i == 0 || sound.loudness()[one + i - 1] >= STILL * usual);
            double above = above(struck, i, beatsPerBar);
            if (still) told.add(new Told(i, HARD + 1));
            else if (above > HARD) told.add(new Told(i, above));
        }
        return told.stream()
                .sorted(Comparator.comparingDouble(Told::worth).reversed())
                .limit(MOST)
                .map(Told::beat)
                .sorted()
                .map(beat -> new Song.Accent(beat / beatsPerBar + 1, beat % beatsPerBar + 1))
                .toList();
    }

    private static double struck(Onsets onsets, double second) {
        int step = (int) Math.round(second * Onsets.PER_SECOND);
        double most = 0;
        for (int at = Math.max(0, step - NEAR); at <= Math.min(onsets.steps() - 1, step + NEAR); at++) {
            most = Math.max(most, onsets.all()[at]);
        }
        return most;
    }

    /** By how many spreads a beat is above the same beat of all bars. */
    private static double above(double[] struck, int beat, int beatsPerBar) {
        double sum = 0;
        double square = 0;
        int count = 0;
        for (int i = beat % beatsPerBar; i < struck.length; i += beatsPerBar) {
            sum += struck[i];
            square += struck[i] * struck[i];
            count++;
        }
        double mean = sum / count;
        double spread = Math.sqrt(Math.max(0, square / count - mean * mean));
        return spread < 0.05 * mean || spread < 1e-9 ? 0 : (struck[beat] - mean) / spread;
    }
}
