package fluidframe.core.routine;

import fluidframe.core.link.Link;
import java.util.List;

/**
 * The join before a figure.
 *
 * @param index the figure after the join, from 1 (the first figure has none before it)
 * @param link the computed opinion as the figures stand
 * @param customary whether the charts list the two as customary neighbours
 * @param repairs figures that could be put between
 */
public record Junction(int index, Link link, boolean customary, List<Repair> repairs) {
    /**
     * A figure which can be danced between.
     *
     * @param figure what to insert
     * @param link how it joins the figure before
     * @param onward how the figure after joins it
     */
    public record Repair(fluidframe.core.link.Danceable figure, Link link, Link onward) {}

    public Junction {
        repairs = List.copyOf(repairs);
    }

    public boolean isBroken() {
        return link.verdict() != Link.Verdict.YES;
    }
}
