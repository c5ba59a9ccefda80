package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Direction;
import fluidframe.core.step.Foot;
import java.util.Optional;

/**
 * A free element in a routine. Its steps are the coach's own, so nothing is known of feet, position or hold after it but what
 * the coach says: without that any figure may follow, and the couple is taken to stay where it was.
 *
 * @param name what it is called
 * @param length how long it is, 1 to 128 beats
 * @param left how it leaves the couple, if the coach says so
 */
public record PlacedElement(String name, Beats length, Optional<Left> left) implements Placed {
    /** Beats; a longer one is a part of the show without dancing. */
    private static final int MOST_BEATS = 128;

    /**
     * How a free element leaves the couple.
     *
     * @param position the couple position
     * @param hold the hold
     * @param manFree the foot he can step with; she has the opposite one, or the same where they are not opposite each other
     *     and {@code sameFeet} says so
     * @param sameFeet whether she has the same foot free as he has
     * @param man where the man's feet point, relative to the line of dance; empty as before the element
     */
    public record Left(CouplePosition position, Hold hold, Foot manFree, boolean sameFeet, Optional<Direction> man) {
        public Foot ladyFree() {
            return sameFeet ? manFree : manFree.other();
        }
    }

    public PlacedElement {
        if (length.compareTo(Beats.ONE) < 0 || length.compareTo(Beats.of(MOST_BEATS)) > 0) {
            throw new IllegalArgumentException(
                    "A free element must last 1 to " + MOST_BEATS + " beats, but " + name + " lasts " + length);
        }
    }

    /** One of which nothing is said but its length. */
    public PlacedElement(String name, Beats length) {
        this(name, length, Optional.empty());
    }
}
