package fluidframe.core.music.analysis;

import java.util.Arrays;

/**
 * How far apart beats are, second by second. Every second is asked for the distances at which what begins there begins again;
 * from one second to the next a tempo stays nearly what it is or changes at once, whatever the recording says best.
 */
final class TempoCurve {
    /** From one tempo that is tried to the next. */
    private static final double FINE = 1.006;
    /** How much of the recording is heard around a second. */
    private static final int HEARD = 10 * Onsets.PER_SECOND;

    private static final int MULTIPLES = 4;
    /** What a change of tempo by a hundredth costs, and what any change costs at most. */
    private static final double DRIFT_COST = 0.12;

    private static final double CHANGE_COST = 1.6;
    private static final int BLUR = 2;

    private final double[] periods;

    private TempoCurve(double[] periods) {
        this.periods = periods;
    }

    /**
     * @param slowest beats a minute
     * @param fastest beats a minute
     * @param beatsPerBar of the metre, since a bar comes again as well
     */
    static TempoCurve of(Onsets onsets, double slowest, double fastest, int beatsPerBar) {
        double[] strength = blurred(onsets);
        int count = (int) Math.ceil(Math.log(fastest / slowest) / Math.log(FINE)) + 1;
        double[] tried = new double[count];
        for (int i = 0; i < count; i++) tried[i] = 60.0 * Onsets.PER_SECOND / (slowest * Math.pow(FINE, i));
        int seconds = Math.max(1, onsets.steps() / Onsets.PER_SECOND);
        double[][] scores = new double[seconds][];
        for (int second = 0; second < seconds; second++) {
            int from = Math.max(0, Math.min(strength.length - HEARD, second * Onsets.PER_SECOND - HEARD / 2));
            scores[second] = scores(strength, from, Math.min(strength.length, from + HEARD), tried, beatsPerBar);
        }
        return new TempoCurve(path(scores, tried));
    }

    private static double[] blurred(Onsets onsets) {
        double[] sum = new double[onsets.steps()];
        for (int i = 0; i < sum.length; i++) {
            for (int near = -BLUR; near <= BLUR; near++) {
                int at = i + near;
                if (at < 0 || at >= sum.length) continue;
                double weight = 1 - Math.abs(near) / (BLUR + 1.0);
                sum[i] += weight * (onsets.all()[at] + onsets.bass()[at]);
            }
        }
        return sum;
    }

    private static double[] scores(double[] strength, int from, int to, double[] tried, int beatsPerBar) {
        int longest = (int) Math.ceil(tried[0] * Math.max(MULTIPLES, beatsPerBar)) + 1;
        double[] again = new double[longest + 1];
        double mean = Arrays.stream(strength, from, to).average().orElse(0);
        double own = 1e-9;
        for (int i = from; i < to; i++) own += (strength[i] - mean) * (strength[i] - mean);
        for (int lag = 1; lag <= longest && lag < to - from; lag++) {
            double sum = 0;
            for (int i = from; i + lag < to; i++) sum += (strength[i] - mean) * (strength[i + lag] - mean);
            again[lag] = sum / own * (to - from) / (to - from - lag);
        }
        double[] scores = new double[tried.length];
        for (int i = 0; i < tried.length; i++) {
            for (int multiple = 1; multiple <= MULTIPLES; multiple++) {
                scores[i] += at(again, tried[i] * multiple) / Math.sqrt(multiple);
            }
            scores[i] += at(again, tried[i] * beatsPerBar);
        }
        return scores;
    }

    private static double at(double[] values, double place) {
        int low = (int) place;
        if (low + 1 >= values.length) return 0;
        double share = place - low;
        return values[low] * (1 - share) + values[low + 1] * share;
    }

    /** The way through all seconds that is worth most. */
    private static double[] path(double[][] scores, double[] tried) {
        int count = tried.length;
        int[][] came = new int[scores.length][count];
        double[] worth = scores[0].clone();
        for (int second = 1; second < scores.length; second++) {
            double[] next = new double[count];
            int best = 0;
            for (int i = 1; i < count; i++) if (worth[i] > worth[best]) best = i;
            int reach = (int) Math.ceil(CHANGE_COST / DRIFT_COST / (100 * (FINE - 1))) + 1;
            for (int i = 0; i < count; i++) {
                int from = best;
                double most = worth[best] - CHANGE_COST;
                for (int j = Math.max(0, i - reach); j <= Math.min(count - 1, i + reach); j++) {
                    double cost = Math.min(CHANGE_COST, DRIFT_COST * Math.abs(i - j) * 100 * (FINE - 1));
                    if (worth[j] - cost > most) {
                        most = worth[j] - cost;
                        from = j;
                    }
                }
                next[i] = most + scores[second][i];
                came[second][i] = from;
            }
            worth = next;
        }
        int at = 0;
        for (int i = 1; i < count; i++) if (worth[i] > worth[at]) at = i;
        double[] periods = new double[scores.length];
        for (int second = scores.length - 1; second >= 0; second--) {
            periods[second] = tried[at];
            at = came[second][at];
        }
        return periods;
    }

    /** Steps from beat to beat at a step. */
    double period(int step) {
        return periods[Math.min(periods.length - 1, step / Onsets.PER_SECOND)];
    }
}
