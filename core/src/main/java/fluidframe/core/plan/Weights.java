package fluidframe.core.plan;

import fluidframe.core.count.Dance;

/**
 * What a coach finds worth how much, each 0 to 10; the score of a routine is the sum of its parts.
 *
 * @param customary for each join that the charts name as customary
 * @param highlight for each highlight that begins with a phrase, or in the stretch of the music asked for
 * @param variety taken off each time a figure follows itself, and each time a pair is danced twice in a row
 * @param travel for each metre along the line of dance, in a dance that moves
 * @param sides for each change of the turning side between neighbours
 * @param change for each join after which another couple position, another level or another facing comes
 * @param build taken off if the first figure is of the most difficult level there is
 */
public record Weights(int customary, int highlight, int variety, int travel, int sides, int change, int build) {
    public static final Weights USUAL = new Weights(3, 5, 4, 1, 1, 0, 0);
    /** In Latin a routine lives from what changes, and from what is kept for later. */
    private static final Weights LATIN = new Weights(3, 5, 4, 1, 1, 1, 3);
    /** The largest weight, so that sums over the longest routine stay small. */
    private static final int MOST = 10;

    /** What is usual in a dance: in Latin, changes count as well. */
    public static Weights usual(Dance dance) {
        return dance.family() == Dance.Family.LATIN ? LATIN : USUAL;
    }

    public Weights {
        for (int weight : new int[] {customary, highlight, variety, travel, sides, change, build}) {
            if (weight < 0 || weight > MOST) {
                throw new IllegalArgumentException("A weight must be 0 to " + MOST + ", but was " + weight);
            }
        }
    }
}
