package fluidframe.core.chart;

/**
 * A stretch of the man's steps that is danced several times over; the lady's rows belong by their beat. The chart holds
 * it once.
 *
 * @param from his first step, from 1
 * @param to his last step, inclusive
 * @param least how often it is danced at least, 1 or more
 * @param most how often it is danced at most, up to 16
 * @param mirrored whether every second time is danced on the other foot to the other side
 */
public record RepeatGroup(int from, int to, int least, int most, boolean mirrored) {
    /** How often a block is danced at the most; more is a drill, not a figure. */
    private static final int MOST = 16;

    public RepeatGroup {
        if (from < 1 || to < from) {
            throw new IllegalArgumentException(
                    "A repeat must run from a step to a later one, but was " + from + "-" + to);
        }
        if (least < 1 || most < least || most > MOST) {
            throw new IllegalArgumentException(
                    "A repeat must be danced from 1 to " + MOST + " times, but was " + least + " to " + most);
        }
    }
}
