package fluidframe.core.plan;

import java.util.concurrent.CancellationException;

/**
 * What figures cost that are danced too often, and what a decimetre costs where a routine travels too far: found by raising the
 * price of whatever the best routine without a floor does too much, so that it does it less. At these prices the best routine
 * without a floor bounds every routine on it.
 *
 * @param figures tenths for each time, by the number of the figure
 * @param slow tenths for each decimetre travelled, less than 0 if it would not travel far enough
 * @param bound tenths, travel not counted; {@link GroundBounds#NEVER} if there is no routine even without the floor
 * @param travel how far the best without a floor would travel at no price, in decimetres
 */
record GroundPrices(int[] figures, int slow, int bound, int travel, Score score, GroundBounds bounds) {
    /** How often prices are raised and lowered; more bring the bound down by little. */
    private static final int ROUNDS = 24;
    /** Tenths by which a price rises at first for each time too many. */
    private static final int FIRST_STEP = 40;

    private static final int SLOWER = 3;

    /** Finds them for rounds of so many corners, -1 for a routine that need not close. */
    static GroundPrices of(GroundTask task, int corners, Watch watch) {
        int[] prices = new int[task.graph().figures().size()];
        int slow = 0;
        int bound = Integer.MAX_VALUE;
        int free = 0;
        GroundPrices best = null;
        for (int round = 0; round < ROUNDS; round++) {
            if (watch.isGivenUp()) throw new CancellationException("The plan was given up");
            GroundPrices now = at(task, prices, slow, 0, 0);
            int most = now.bounds.most(task.starts());
            if (most == GroundBounds.NEVER) return new GroundPrices(prices, 0, most, 0, now.score, now.bounds);
            GroundBounds.Danced danced = now.bounds.danced(task.starts());
            if (round == 0) free = danced.travel();
            most += paid(task, prices) + (corners < 0 ? 0 : slow * (slow > 0 ? task.longestRound(corners) : 0));
            if (most <= bound) {
                bound = most;
                best = now;
            }
            if (corners >= 0 && round % SLOWER == SLOWER - 1) {
                slow += Integer.signum(danced.travel() - (int) task.round(corners));
            }
            raise(task, prices, danced.times(), Math.max(1, FIRST_STEP / (round + SLOWER)));
        }
        return new GroundPrices(best.figures, best.slow, bound, free, best.score, best.bounds);
    }

    private static GroundPrices at(GroundTask task, int[] prices, int slow, int bound, int travel) {
        Score score = new Score(task.graph(), task.plan(), prices);
        return new GroundPrices(prices.clone(), slow, bound, travel, score, new GroundBounds(task, score, slow));
    }

    /** The same with some figures dearer still. */
    GroundPrices dearer(GroundTask task, int[] more) {
        int[] prices = figures.clone();
        for (int figure = 0; figure < prices.length; figure++) prices[figure] += more[figure];
        return at(task, prices, slow, bound, travel);
    }

    /** What is paid at the most by a routine that keeps to every limit. */
    private static int paid(GroundTask task, int[] prices) {
        int paid = 0;
        for (int figure = 0; figure < prices.length; figure++) paid += prices[figure] * task.most(figure);
        return paid;
    }

    private static void raise(GroundTask task, int[] prices, int[] times, int step) {
        for (int figure = 0; figure < prices.length; figure++) {
            if (!task.isLimited(figure)) continue;
            prices[figure] = Math.max(0, prices[figure] + step * (times[figure] - task.most(figure)));
        }
    }
}
