package fluidframe.core.music.analysis;

import java.util.Arrays;
import java.util.List;

/** How every beat sounds: its tones, octaves apart counted as one, and how loud it is. */
final class BeatSound {
    private static final int PIECE = 4096;
    /** Of an octave. */
    static final int TONES = 12;

    private static final double LOWEST_HERTZ = 60;
    private static final double HIGHEST_HERTZ = 2000;
    private static final double A_HERTZ = 440;
    /** The A above the middle C, where 60 is the C. */
    private static final int A_PITCH = 69;

    /** Where within a beat it is listened to. */
    private static final double[] WITHIN = {0.35, 0.5, 0.65};

    private final double[][] tones;
    private final double[] loudness;

    private BeatSound(double[][] tones, double[] loudness) {
        this.tones = tones;
        this.loudness = loudness;
    }

    static BeatSound of(Recording recording, List<Double> beats) {
        Spectra spectra = new Spectra(recording, PIECE);
        double[] strengths = new double[spectra.bins()];
        int[] pitches = pitches(spectra);
        double[][] tones = new double[beats.size()][TONES];
        double[] loudness = new double[beats.size()];
        for (int i = 0; i < beats.size(); i++) {
            double from = beats.get(i);
            double to = i + 1 < beats.size() ? beats.get(i + 1) : from + (i > 0 ? from - beats.get(i - 1) : 0.5);
            for (double share : WITHIN) {
                spectra.around(from + (to - from) * share, strengths);
                add(strengths, pitches, tones[i]);
            }
            double length = Math.sqrt(Arrays.stream(tones[i]).map(t -> t * t).sum());
            if (length > 0) for (int tone = 0; tone < TONES; tone++) tones[i][tone] /= length;
            loudness[i] = loudness(recording, from, to);
        }
        return new BeatSound(tones, loudness);
    }

    private static int[] pitches(Spectra spectra) {
        int[] pitches = new int[spectra.bins()];
        for (int bin = 0; bin < pitches.length; bin++) {
            double hertz = bin * spectra.step();
            boolean heard = hertz >= LOWEST_HERTZ && hertz <= HIGHEST_HERTZ;
            double pitch = heard ? A_PITCH + TONES * Math.log(hertz / A_HERTZ) / Math.log(2) : 0;
            pitches[bin] = heard ? Math.floorMod(Math.round(pitch), TONES) : -1;
        }
        return pitches;
    }

    private static void add(double[] strengths, int[] pitches, double[] tones) {
        for (int bin = 1; bin < pitches.length; bin++) {
            if (pitches[bin] >= 0) tones[pitches[bin]] += Math.sqrt(strengths[bin]);
        }
    }

    private static double loudness(Recording recording, double from, double to) {
        float[] samples = recording.samples();
        int first = Math.max(0, (int) (from * recording.rate()));
        int last = Math.min(samples.length, (int) (to * recording.rate()));
        double sum = 0;
        for (int i = first; i < last; i++) sum += samples[i] * samples[i];
        return last <= first ? 0 : Math.sqrt(sum / (last - first));
    }

    /** Of some of the beats. */
    BeatSound part(int from, int to) {
        return new BeatSound(Arrays.copyOfRange(tones, from, to), Arrays.copyOfRange(loudness, from, to));
    }

    /** The tones of some beats together. */
    double[] tones(int from, int to) {
        double[] sum = new double[TONES];
        for (int beat = from; beat < to; beat++) {
            for (int tone = 0; tone < TONES; tone++) sum[tone] += tones[beat][tone];
        }
        return sum;
    }

    /** The root of the mean square of each beat. */
    double[] loudness() {
        return loudness;
    }

    /** 1 for two that point the same way, 0 for two that have nothing in common. */
    static double likeness(double[] one, double[] other) {
        double product = 0;
        double ones = 1e-12;
        double others = 1e-12;
        for (int i = 0; i < one.length; i++) {
            product += one[i] * other[i];
            ones += one[i] * one[i];
            others += other[i] * other[i];
        }
        return product / Math.sqrt(ones * others);
    }
}
