package fluidframe.core.routine;

import fluidframe.core.count.Beats;

/**
 * A free element in a routine. Its steps are the coach's own, so nothing is known of feet, position or hold after it: any
 * figure may follow, and the couple is taken to stay where it was.
 *
 * @param name what it is called
 * @param length how long it is, 1 to 128 beats
 */
public record PlacedElement(String name, Beats length) implements Placed {
    /** Beats; a longer one is a part of the show without dancing. */
    private static final int MOST_BEATS = 128;

    public PlacedElement {
        if (length.compareTo(Beats.ONE) < 0 || length.compareTo(Beats.of(MOST_BEATS)) > 0) {
            throw new IllegalArgumentException(
                    "A free element must last 1 to " + MOST_BEATS + " beats, but " + name + " lasts " + length);
        }
    }
}
