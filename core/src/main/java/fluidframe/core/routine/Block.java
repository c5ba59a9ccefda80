package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.link.Danceable;

/**
 * A figure where it stands in the routine.
 *
 * @param danced what is danced
 * @param start beats from the beginning of the routine
 * @param length beats it lasts
 * @param rotation sixteenths by which the chart is turned, relative to the line of dance of the moment: 0 to 15
 * @param corners how many corners have been taken by its beginning
 */
public record Block(Danceable danced, Beats start, Beats length, int rotation, int corners) {
    /** The bar in which it begins, from 1. */
    public int bar() {
        return start.dividedBy(danced.chart().dance().bar()) + 1;
    }

    /** Sixteenths by which the chart is turned from x. */
    public int roomRotation() {
        return rotation - 4 * corners;
    }
}
