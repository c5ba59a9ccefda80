package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.link.Danceable;
import java.util.List;
import java.util.Optional;

/**
 * What to dance when another couple stands in the way: leave the figure, whole or after a part of it, dance something that
 * keeps to a small place, and go on with the routine as it is charted.
 *
 * @param block in which block the couple is blocked, from 0
 * @param cut the part of its figure that is danced before leaving; empty for all of it
 * @param instead what is danced then, one or two figures
 * @param rejoin at which block the routine goes on
 * @param beats how long the figures danced instead last
 */
public record WayOut(int block, Optional<Danceable> cut, List<Danceable> instead, int rejoin, Beats beats) {
    public WayOut {
        instead = List.copyOf(instead);
    }

    /** The shortest way out of each block, empty for free elements and where none of one or two figures leads back. */
    public static List<Optional<WayOut>> of(RoutineWork work) {
        return new WaysOut(work).find();
    }

    static WayOut of(int block, Optional<Danceable> cut, List<Danceable> instead, int rejoin) {
        Beats beats = Beats.ZERO;
        for (Danceable figure : instead) beats = beats.plus(figure.length());
        return new WayOut(block, cut, instead, rejoin, beats);
    }

    /** The shorter one first, then the one that rejoins sooner, then the one of fewer figures. */
    static int compare(WayOut one, WayOut other) {
        int shorter = one.beats.compareTo(other.beats);
        if (shorter != 0) return shorter;
        int sooner = Integer.compare(one.rejoin, other.rejoin);
        if (sooner != 0) return sooner;
        return Integer.compare(one.instead.size(), other.instead.size());
    }
}
