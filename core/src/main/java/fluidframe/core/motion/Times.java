package fluidframe.core.motion;

/**
 * When in a row what happens, in beats.
 *
 * @param before when what came before has settled: the earliest for anything that belongs to the row
 * @param leaves when its foot leaves
 * @param lands when its foot arrives
 * @param onset when it begins to take weight
 * @param settled when the weight has passed
 * @param end when the row is over
 */
record Times(double before, double leaves, double lands, double onset, double settled, double end) {
    /** Share of the time before the onset that a turn on the standing foot takes before the next foot leaves. */
    private static final double TURNS = 0.6;

    /**
     * @param from when the row before began, or when the dancers got ready, if there is none
     */
    static Times of(Danced danced, double from, Manner manner) {
        double onset = danced.onset();
        double settledBefore = manner.settled(from, onset);
        double leaves = manner.leaves(from, onset);
        if (danced.turnsStandingFoot() && danced.turnsBeforeTheFootLeaves()) {
            leaves = Math.max(leaves, settledBefore + TURNS * (onset - settledBefore));
        }
        return new Times(
                settledBefore,
                leaves,
                manner.lands(from, onset),
                onset,
                manner.settled(onset, danced.end()),
                danced.end());
    }

    /** From when to when the standing foot of the row turns. */
    double[] turning(Danced danced) {
        if (!danced.movesFoot()) return new double[] {onset, onset + 0.85 * (end - onset)};
        return switch (danced.step().turn().kind()) {
            case HEEL_TURN, HEEL_PULL -> new double[] {leaves, onset + 0.5 * (settled - onset)};
            case TOE_PIVOT -> new double[] {leaves, lands};
            case SWIVEL, SPIRAL, TWIST -> new double[] {before + 0.3 * (leaves - before), leaves};
            default -> new double[] {before, lands};
        };
    }
}
