package fluidframe.core.floor;

import fluidframe.core.count.Dance;

/**
 * How long this couple's full walking step is.
 *
 * @param metres 0.3 to 1.2
 */
public record Stride(double metres) {
    public static final Stride USUAL = new Stride(0.70);

    /** What is usual in a dance; couples differ. */
    public static Stride usual(Dance dance) {
        return new Stride(dance.strideMetres());
    }

    public Stride {
        if (!(metres >= 0.3 && metres <= 1.2)) {
            throw new IllegalArgumentException("A stride must be from 0.3 to 1.2 metres, but was " + metres);
        }
    }
}
