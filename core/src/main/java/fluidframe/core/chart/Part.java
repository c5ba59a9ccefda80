package fluidframe.core.chart;

import fluidframe.core.direction.Alignment;
import java.util.List;

/**
 * A stretch of the man's steps at whose ends the figure may be entered and left; the lady's rows belong by their beat.
 *
 * @param from his first step, from 1
 * @param to his last step, inclusive
 * @param entries his alignments on which the part may begin besides the charted one
 * @param finish how it may end
 */
public record Part(int from, int to, List<Alignment> entries, Finish finish) {
    public Part {
        if (from < 1 || to < from) {
            throw new IllegalArgumentException(
                    "A part must run from a step to a later one, but was " + from + "-" + to);
        }
        entries = List.copyOf(entries);
    }

    /** {@code "1-3"}, unique within the figure. */
    public String id() {
        return from + "-" + to;
    }
}
