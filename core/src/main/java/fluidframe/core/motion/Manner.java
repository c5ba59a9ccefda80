package fluidframe.core.motion;

import fluidframe.core.count.Dance;

/**
 * How a family of dances shares a step out over its time. All times are shares of the row, but no longer than so many beats,
 * so that a long hold does not become a slow drift.
 *
 * @param settle from the onset, when the weight has passed
 * @param settleBeats the longest it takes
 * @param travel before the end, when the next foot leaves
 * @param travelBeats the longest it is under way
 * @param early before the end, when the next foot arrives
 * @param shareAtLanding how much of its way the body has gone as the foot lands
 * @param shareSettled how much when the weight has passed
 * @param knees how far the hips stay below their full height, in metres
 */
record Manner(
        double settle,
        double settleBeats,
        double travel,
        double travelBeats,
        double early,
        double shareAtLanding,
        double shareSettled,
        double knees) {
    /** The foot swings through nearly the whole beat. */
    private static final Manner SWING = new Manner(0.34, 0.72, 0.64, 1.6, 0, 0.46, 0.66, 0.02);
    /** The weight waits, then the foot is placed late and sharply. */
    private static final Manner TANGO = new Manner(0.3, 0.3, 0.42, 0.5, 0, 0.45, 0.8, 0.05);
    /** The foot arrives early, and the weight settles late. */
    private static final Manner LATIN = new Manner(0.5, 0.6, 0.46, 0.6, 0.06, 0.4, 0.9, 0.01);

    static Manner of(Dance dance) {
        return switch (dance.family()) {
            case SWING -> SWING;
            case TANGO -> TANGO;
            case LATIN -> LATIN;
        };
    }

    double settled(double onset, double end) {
        return onset + Math.min(settle * (end - onset), settleBeats);
    }

    /** When the foot of the next row leaves. */
    double leaves(double onset, double end) {
        return end - Math.min(travel * (end - onset), travelBeats);
    }

    /** When the foot of the next row arrives. */
    double lands(double onset, double end) {
        return end - Math.min(early * (end - onset), early);
    }
}
