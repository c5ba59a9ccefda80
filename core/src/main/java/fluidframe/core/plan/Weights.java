package fluidframe.core.plan;

/**
 * What a coach finds worth how much, each 0 to 10; the score of a routine is the sum of its parts.
 *
 * @param customary for each join that the charts name as customary
 * @param highlight for each highlight that begins with a phrase
 * @param variety taken off each time a figure follows itself
 * @param travel for each metre along the line of dance, in a dance that moves
 * @param sides for each change of the turning side between neighbours
 */
public record Weights(int customary, int highlight, int variety, int travel, int sides) {
    public static final Weights USUAL = new Weights(3, 5, 4, 1, 1);
    /** The largest weight, so that sums over the longest routine stay small. */
    private static final int MOST = 10;

    public Weights {
        for (int weight : new int[] {customary, highlight, variety, travel, sides}) {
            if (weight < 0 || weight > MOST) {
                throw new IllegalArgumentException("A weight must be 0 to " + MOST + ", but was " + weight);
            }
        }
    }
}
