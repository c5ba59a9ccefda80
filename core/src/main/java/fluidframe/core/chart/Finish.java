package fluidframe.core.chart;

/**
 * How a figure or part may end besides as charted.
 *
 * @param nextOutside whether the man's next step forward (or the lady's) is taken outside the partner on the right
 * @param lessSixteenths by how much the last turn may be less: 0 to 8
 * @param moreSixteenths by how much the last turn may be more: 0 to 8
 */
public record Finish(boolean nextOutside, int lessSixteenths, int moreSixteenths) {
    public static final Finish AS_CHARTED = new Finish(false, 0, 0);

    public Finish {
        if (lessSixteenths < 0 || lessSixteenths > 8 || moreSixteenths < 0 || moreSixteenths > 8) {
            throw new IllegalArgumentException("A last turn may be varied by at most 1/2");
        }
    }
}
