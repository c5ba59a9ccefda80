package fluidframe.core.routine;

import fluidframe.core.link.Link;
import java.util.List;

/**
 * The join before a figure.
 *
 * @param index the figure after the join, from 1 (the first figure has none before it)
 * @param link the computed opinion as the figures stand
 * @param customary whether the charts list the two as customary neighbours
 * @param free whether a free element is on either side, where only the beat can be judged
 * @param repairs the shortest ways to mend it; empty for a join that holds
 */
public record Junction(int index, Link link, boolean customary, boolean free, List<Repair> repairs) {
    public Junction {
        repairs = List.copyOf(repairs);
    }

    public boolean isBroken() {
        return link.verdict() != Link.Verdict.YES;
    }
}
