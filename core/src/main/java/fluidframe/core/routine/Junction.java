package fluidframe.core.routine;

import fluidframe.core.link.Link;

/**
 * The join before a figure.
 *
 * @param index the figure after the join, from 1 (the first figure has none before it)
 * @param link the computed opinion as the figures stand
 * @param customary whether the charts list the two as customary neighbours
 * @param free whether a free element is on either side, where only the beat can be judged
 */
public record Junction(int index, Link link, boolean customary, boolean free) {
    public boolean isBroken() {
        return link.verdict() != Link.Verdict.YES;
    }
}
