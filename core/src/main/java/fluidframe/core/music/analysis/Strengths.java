package fluidframe.core.music.analysis;

import java.util.ArrayList;
import java.util.List;

/**
 * How strongly something begins at every hundredth of a second of a recording, small enough to be kept beside it: with it beats
 * can be looked for again without the sound.
 *
 * @param hundredths one byte for each, 0 where nothing begins to 255; not copied and never written into
 */
public record Strengths(byte[] hundredths) {
    static final int PER_SECOND = Onsets.PER_SECOND;
    /** The strength that the largest byte stands for, in roots of the mean square. */
    private static final double MOST = 12;

    private static final int LARGEST = 255;
    /** Less is nothing's beginning. */
    private static final double LEAST = 0.5;
    /** How far from where it is expected a beat is looked for, as a share of the way to it. */
    private static final double REACH = 0.12;
    /** How quickly what is expected follows what is found. */
    private static final double SWAY = 0.15;

    static Strengths of(Onsets onsets) {
        byte[] hundredths = new byte[onsets.steps()];
        for (int i = 0; i < hundredths.length; i++) {
            double share = (onsets.all()[i] + onsets.bass()[i]) / MOST;
            hundredths[i] = (byte) Math.round(LARGEST * Math.max(0, Math.min(1, share)));
        }
        return new Strengths(hundredths);
    }

    /** Of nothing that was heard. */
    public static Strengths none() {
        return new Strengths(new byte[0]);
    }

    double at(int step) {
        return step < 0 || step >= hundredths.length ? 0 : (hundredths[step] & LARGEST) * MOST / LARGEST;
    }

    /** The moment within reach, in seconds, at which most begins, weighed down towards the ends of the reach. */
    double nearest(double second, double reach) {
        int centre = (int) Math.round(second * PER_SECOND);
        int steps = Math.max(1, (int) Math.round(reach * PER_SECOND));
        int best = centre;
        double most = 0;
        for (int step = centre - steps; step <= centre + steps; step++) {
            double off = (step - centre) / (double) steps;
            double worth = at(step) * (1 - 0.8 * off * off);
            if (worth > most) {
                most = worth;
                best = step;
            }
        }
        return most < LEAST ? second : best / (double) PER_SECOND;
    }

    /**
     * Beats that go on from one, each where most begins near to where the ones before let expect it.
     *
     * @param from the last beat that is known, in seconds
     * @param period seconds from beat to beat there
     * @param end no beat is later
     */
    List<Double> following(double from, double period, double end) {
        List<Double> beats = new ArrayList<>();
        double last = from;
        double apart = period;
        while (last + apart <= end) {
            double next = nearest(last + apart, REACH * apart);
            if (next > end) break;
            beats.add(next);
            apart += SWAY * (next - last - apart);
            apart = Math.max(period / 2, Math.min(period * 2, apart));
            last = next;
        }
        return beats;
    }
}
