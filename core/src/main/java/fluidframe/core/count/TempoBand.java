package fluidframe.core.count;

/**
 * From a slower to a faster tempo.
 *
 * @param slowest bars a minute, more than 0
 * @param fastest bars a minute, not less than {@code slowest}
 */
public record TempoBand(double slowest, double fastest) {
    public TempoBand {
        if (!(slowest > 0 && fastest >= slowest)) {
            throw new IllegalArgumentException(
                    "A tempo band must go from a slower to a faster tempo, but was " + slowest + " to " + fastest);
        }
    }
}
