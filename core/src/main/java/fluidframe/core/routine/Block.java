package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.link.Danceable;
import java.util.Optional;

/**
 * A figure or a free element where it stands in the routine. A figure that cannot be found keeps its place for a bar, of which
 * nothing is known, like a free element.
 *
 * @param name what it is called
 * @param figure what is danced; empty for a free element
 * @param start beats from the first beat of the first bar
 * @param length beats it lasts
 * @param rotation sixteenths by which the chart is turned, relative to the line of dance of the moment: 0 to 15
 * @param corners how many corners have been taken by its beginning
 * @param missing why a figure cannot be danced; empty for what can
 */
public record Block(
        String name,
        Optional<Danceable> figure,
        Beats start,
        Beats length,
        int rotation,
        int corners,
        Optional<String> missing) {
    /** The figure danced; to be asked of figures only. */
    public Danceable danced() {
        return figure.orElseThrow(() -> new IllegalStateException(name + " has no chart"));
    }

    /** Whether only its place in the music is known: a free element, or a figure that cannot be found. */
    public boolean isFree() {
        return figure.isEmpty();
    }

    /** Whether it stands for a figure that cannot be found. */
    public boolean isMissing() {
        return missing.isPresent();
    }

    public Beats end() {
        return start.plus(length);
    }

    /** The bar in which it begins, from 1. */
    public int bar(Beats barLength) {
        return start.dividedBy(barLength) + 1;
    }

    /** Sixteenths by which the chart is turned from x. */
    public int roomRotation() {
        return rotation - 4 * corners;
    }
}
