package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.direction.Direction;
import fluidframe.core.link.Arrival;
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
 * @param left how a free element leaves the couple, if the coach says so
 * @param missing why a figure cannot be danced; empty for what can
 */
public record Block(
        String name,
        Optional<Danceable> figure,
        Beats start,
        Beats length,
        int rotation,
        int corners,
        Optional<PlacedElement.Left> left,
        Optional<String> missing) {
    /** The figure danced; to be asked of figures only. */
    public Danceable danced() {
        return figure.orElseThrow(() -> new IllegalStateException(name + " has no chart"));
    }

    /** Whether only its place in the music is known: a free element, or a figure that cannot be found. */
    public boolean isFree() {
        return figure.isEmpty();
    }

    /** The state after it, in bars of so many beats; empty after a free element of which nothing is said. */
    Optional<Arrival> arrival(Beats barLength) {
        if (figure.isPresent()) return Optional.of(Arrival.after(danced(), rotation, start));
        return left.map(said -> Arrival.stated(
                said.man().orElse(Direction.LOD.plus(rotation)),
                said.position(),
                said.hold(),
                said.manFree(),
                said.ladyFree(),
                end().remainder(barLength)));
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
