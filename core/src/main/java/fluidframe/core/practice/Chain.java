package fluidframe.core.practice;

import java.util.Arrays;

/**
 * The best days for one job by itself, when every day asks a price for a slot: dynamic programming over the last session. Since
 * a gap beyond the ideal is worth no more than the ideal, only so many earlier days are looked at one by one.
 */
final class Chain {
    static final byte FREE = 0;
    static final byte FORCED = 1;
    static final byte BARRED = 2;

    private static final int START = -1;
    private static final int NONE = -2;

    private final double[] best;
    private final int[] before;

    Chain(int days) {
        best = new double[days];
        before = new int[days];
    }

    /**
     * Marks the best sessions and answers what they are worth less what they cost.
     *
     * @param price of a slot, by day
     * @param state of each day: free, forced or barred
     * @param on where the sessions are marked
     */
    double solve(Job job, double[] price, byte[] state, boolean[] on) {
        Arrays.fill(on, false);
        int days = on.length;
        int forced = START;
        int far = NONE;
        int last = NONE;
        double top = 0;
        for (int day = 0; day < days; day++) {
            int distant = day - job.ideal();
            if (distant >= 0
                    && distant >= forced
                    && state[distant] != BARRED
                    && (far < 0 || far < forced || best[distant] > best[far])) far = distant;
            if (state[day] == BARRED) continue;
            double reached = Double.NEGATIVE_INFINITY;
            int from = NONE;
            if (forced == START) {
                reached = job.worth(day, job.since() + day);
                from = START;
            }
            if (far >= 0 && far >= forced) {
                double value = best[far] + job.worth(day, job.ideal());
                if (value > reached) {
                    reached = value;
                    from = far;
                }
            }
            for (int i = Math.max(Math.max(0, forced), distant + 1); i < day; i++) {
                if (state[i] == BARRED) continue;
                double value = best[i] + job.worth(day, day - i);
                if (value > reached) {
                    reached = value;
                    from = i;
                }
            }
            best[day] = reached - price[day];
            before[day] = from;
            if (state[day] == FORCED) {
                forced = day;
                last = NONE;
            }
            if (last == NONE && forced >= 0 || best[day] > top) {
                last = day;
                top = best[day];
            }
        }
        for (int day = last; day >= 0; day = before[day]) on[day] = true;
        return last == NONE ? 0 : top;
    }
}
