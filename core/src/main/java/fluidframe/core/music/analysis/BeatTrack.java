package fluidframe.core.music.analysis;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Where the beats are: the chain of moments that is worth most by what begins there and by how even it goes, found exactly. */
final class BeatTrack {
    /** What an uneven step from beat to beat costs against what is heard. */
    private static final double EVENNESS = 120;
    /** Beats at either end that are heard less than this are not of the music any more. */
    private static final double HEARD = 0.25;

    private static final int NEAR = 3;

    private BeatTrack() {}

    /** Beats in seconds, in order. */
    static List<Double> of(Onsets onsets, TempoCurve tempo) {
        int steps = onsets.steps();
        double[] worth = new double[steps];
        int[] came = new int[steps];
        for (int step = 0; step < steps; step++) {
            double period = tempo.period(step);
            double most = 0;
            came[step] = -1;
            for (int back = (int) (period * 0.6); back <= period * 1.6 && back <= step; back++) {
                if (back == 0) continue;
                double off = Math.log(back / period);
                double value = worth[step - back] - EVENNESS * off * off;
                if (value > most) {
                    most = value;
                    came[step] = step - back;
                }
            }
            worth[step] = most + heard(onsets, step);
        }
        return chain(onsets, tempo, worth, came);
    }

    private static double heard(Onsets onsets, int step) {
        return onsets.all()[step] + onsets.bass()[step];
    }

    private static List<Double> chain(Onsets onsets, TempoCurve tempo, double[] worth, int[] came) {
        int last = worth.length - 1;
        int from = Math.max(0, (int) (last - tempo.period(last)));
        int best = last;
        for (int step = from; step <= last; step++) if (worth[step] > worth[best]) best = step;
        List<Integer> beats = new ArrayList<>();
        for (int step = best; step >= 0; step = came[step]) beats.add(step);
        Collections.reverse(beats);
        while (!beats.isEmpty() && around(onsets, beats.get(0)) < HEARD) beats.remove(0);
        while (!beats.isEmpty() && around(onsets, beats.get(beats.size() - 1)) < HEARD) beats.remove(beats.size() - 1);
        return beats.stream().map(step -> refined(onsets, step)).toList();
    }

    private static double around(Onsets onsets, int step) {
        double most = 0;
        for (int at = Math.max(0, step - NEAR); at <= Math.min(onsets.steps() - 1, step + NEAR); at++) {
            most = Math.max(most, heard(onsets, at));
        }
        return most;
    }

    /** Between two steps, by the parabola through the three around it. */
    private static double refined(Onsets onsets, int step) {
        if (step == 0 || step + 1 >= onsets.steps()) return step / (double) Onsets.PER_SECOND;
        double before = heard(onsets, step - 1);
        double here = heard(onsets, step);
        double after = heard(onsets, step + 1);
        double bend = before - 2 * here + after;
        double shift = bend >= 0 ? 0 : 0.5 * (before - after) / bend;
        return (step + Math.max(-0.5, Math.min(0.5, shift))) / Onsets.PER_SECOND;
    }
}
