package fluidframe.core.plan;

import fluidframe.core.floor.Stride;
import java.util.Locale;

/**
 * A floor that a routine is to stay on, wherever on it it begins.
 *
 * @param lengthMetres 8 to 100, along the first side danced
 * @param widthMetres 6 to 100
 * @param stride of the couple
 * @param share how much of each long side is to be danced along, 0 to 0.9 of it; counts only for a routine that goes round
 */
public record Ground(double lengthMetres, double widthMetres, Stride stride, double share) {
    private static final double SHORTEST = 8;
    private static final double NARROWEST = 6;
    private static final double LONGEST = 100;
    private static final double MOST_SHARE = 0.9;

    public Ground {
        if (!(lengthMetres >= SHORTEST
                && lengthMetres <= LONGEST
                && widthMetres >= NARROWEST
                && widthMetres <= LONGEST)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "A floor to compose for must be from %.0f x %.0f to %.0f x %.0f metres, but was %s x %s",
                    SHORTEST,
                    NARROWEST,
                    LONGEST,
                    LONGEST,
                    lengthMetres,
                    widthMetres));
        }
        if (!(share >= 0 && share <= MOST_SHARE)) {
            throw new IllegalArgumentException(
                    "A routine may be asked to use 0 to 0.9 of each long side, but not " + share);
        }
    }
}
