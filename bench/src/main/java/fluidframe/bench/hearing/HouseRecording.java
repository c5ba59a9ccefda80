package fluidframe.bench.hearing;

import fluidframe.core.band.Band;
import fluidframe.core.band.Instrument;
import fluidframe.core.band.Note;
import fluidframe.core.band.Rendering;
import fluidframe.core.band.Rendering.Shade;
import fluidframe.core.music.analysis.Recording;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** The house band recorded under conditions: softly, with noise, unevenly, with talk over it. */
final class HouseRecording {
    /**
     * How it is played.
     *
     * @param loudness of the loudest moment, 0 to 1
     * @param noise as a share of it
     * @param drift by how much the tempo sways, as a share
     * @param change by what the tempo is multiplied in the middle
     * @param free seconds of playing out of time before it begins
     * @param within seconds of it in the middle
     * @param speech how loud somebody talks, as a share
     */
    record Manner(
            double loudness, double noise, double drift, double change, double free, double within, double speech) {
        static final Manner PLAIN = new Manner(0.8, 0, 0, 1, 0, 0, 0);
    }

    private static final Shade USUAL = new Shade(0, 0, 1, true);

    private final float[] samples;
    private final List<Double> beats;
    private final Random random;
    private final double pause;
    private final double within;

    HouseRecording(Band band, double beatsPerMinute, List<Shade> bars, Manner manner, long seed) {
        this.random = new Random(seed);
        int count = bars.size() * band.dance().beatsPerBar();
        List<Double> all = new ArrayList<>();
        double second = Rendering.LEAD + manner.free();
        int middle = bars.size() / 2 * band.dance().beatsPerBar();
        double before = 0;
        for (int beat = 0; beat <= count; beat++) {
            if (beat == middle) {
                before = second;
                second += manner.within();
            }
            all.add(second);
            double tempo = beatsPerMinute * (2 * beat >= count ? manner.change() : 1);
            second += 60 / (tempo * (1 + manner.drift() * Math.sin(3 * Math.PI * beat / count)));
        }
        Rendering played = new Rendering(band, all, bars);
        freely(played, 0.3, manner.free());
        freely(played, before + 0.3, before + manner.within());
        pause = before;
        within = manner.within();
        samples = played.samples();
        beats = all.subList(0, count);
        level(manner);
    }

    private void freely(Rendering played, double from, double to) {
        for (double free = from; free < to; free += 0.4 + 1.1 * random.nextDouble()) {
            played.play(new Note(0, 1, Instrument.KEYS, 55 + random.nextInt(20), 0.6), USUAL, free, 1.2);
        }
    }

    /** So many bars of the phrase, over and over. */
    static List<Shade> bars(int count) {
        List<Shade> bars = new ArrayList<>();
        for (int bar = 0; bar < count; bar++) bars.add(new Shade(bar, 0, 1, true));
        return bars;
    }

    Recording recording() {
        return new Recording(samples, Rendering.RATE);
    }

    /** Where the beats are, in seconds, the first of them a one. */
    List<Double> beats() {
        return beats;
    }

    /** Whether at this second nothing is in time, between two beats. */
    boolean isPause(double second) {
        return second > pause && second < pause + within;
    }

    private void level(Manner manner) {
        double most = 1e-9;
        for (float sample : samples) most = Math.max(most, Math.abs(sample));
        double phase = 0;
        for (int i = 0; i < samples.length; i++) {
            double t = i / (double) Rendering.RATE;
            double noise = manner.noise() > 0 ? manner.noise() * random.nextGaussian() : 0;
            phase += 2 * Math.PI * (120 + 25 * Math.sin(t * 2.1)) / Rendering.RATE;
            double said = manner.speech() > 0 ? manner.speech() * 0.25 * said(t, phase) : 0;
            samples[i] = (float) ((samples[i] / most + noise + said) * manner.loudness());
        }
    }

    /** Something like syllables of a deep voice, with pauses. */
    private static double said(double t, double phase) {
        double syllable = Math.max(0, Math.sin(2 * Math.PI * 3.7 * t + 2 * Math.sin(t * 1.3)));
        if (Math.sin(t * 0.9) < -0.5) return 0;
        double voice = 0;
        for (int over = 1; over < 12; over++)
            voice += Math.sin(over * phase) / over * (1 + Math.cos(over * 1.7 + t * 5));
        return voice * syllable;
    }
}
