package fluidframe.core.chart;

import java.util.List;

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

    /** Refuses groups that run over the last step or into each other. */
    static void check(List<RepeatGroup> groups, int steps) {
        int after = 0;
        for (RepeatGroup group : groups) {
            String name = "The repeat of steps " + group.from + "-" + group.to;
            if (group.to > steps) {
                throw new IllegalArgumentException(name + " must end by the last step, which is " + steps);
            }
            if (group.from <= after) {
                throw new IllegalArgumentException(
                        name + " must begin after the repeat before it, which ends on step " + after);
            }
            after = group.to;
        }
    }

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
