package fluidframe.core.direction;

/**
 * The turn made between the row before and this one: a signed amount in sixteenths (right positive), how it is made,
 * and what is said of the beginning and the body. An amount of 0 with no mark means that no turn is charted.
 *
 * @param sixteenths -32 to 32, right positive: how far the foot's direction changes
 * @param kind how the turn is made
 * @param begins -1 if a turn to the left begins on this row, 1 to the right, 0 if nothing is said
 * @param bodyLess sixteenths the body stays behind the foot: 0 to 4
 * @param bodyCompletes whether the body completes a turn it was behind with
 */
public record Turn(int sixteenths, Kind kind, int begins, int bodyLess, boolean bodyCompletes) {
    /** How a turn is made; only the first needs no word. */
    public enum Kind {
        BETWEEN_FEET(""),
        HEEL_TURN("heel turn"),
        HEEL_PULL("heel pull"),
        PIVOT("pivot"),
        TOE_PIVOT("toe pivot"),
        SWIVEL("swivel"),
        SPIRAL("spiral"),
        SPIN("spin"),
        TWIST("twist"),
        BODY_ONLY("body only");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** Whether the standing foot turns under the weight, so that more can be turned than by placing a foot. */
        public boolean turnsOnStandingFoot() {
            return this != BETWEEN_FEET && this != BODY_ONLY;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    public static final Turn NONE = new Turn(0, Kind.BETWEEN_FEET, 0, 0, false);
    /** How far a body stays behind when nothing else is said: 1/8. */
    public static final int USUAL_BODY_LESS = 2;

    private static final int WHOLE = 16;
    /** Two whole turns, more than any single row makes. */
    private static final int MAX_SIXTEENTHS = 32;

    public Turn {
        if (Math.abs((long) sixteenths) > MAX_SIXTEENTHS) {
            throw new IllegalArgumentException(
                    "A turn between two steps must be at most 2 full turns, but was " + TurnText.amount(sixteenths));
        }
        if (begins < -1 || begins > 1) throw new IllegalArgumentException("A turn begins to the left or to the right");
        if (bodyLess < 0 || bodyLess > 4) {
            throw new IllegalArgumentException("A body must stay behind by 1/16 to 1/4, but was " + bodyLess + "/16");
        }
        if (sixteenths == 0 && kind != Kind.BETWEEN_FEET) {
            throw new IllegalArgumentException("A " + kind + " must have an amount, such as \"3/8 R " + kind + "\"");
        }
        if (sixteenths == 0 && bodyLess > 0) {
            throw new IllegalArgumentException(
                    "A body can only turn less if there is a turn, such as \"3/8 R, body less\"");
        }
        if (bodyLess > 0 && bodyCompletes) {
            throw new IllegalArgumentException("A body cannot turn less and complete on the same row");
        }
    }

    /** A plain turn between the feet. */
    public static Turn of(int sixteenths) {
        return new Turn(sixteenths, Kind.BETWEEN_FEET, 0, 0, false);
    }

    /**
     * Reads {@code "1/4 R"}, {@code "1/4 R between 1 and 2"}, {@code "begins L"}, {@code "3/8 R, body less"},
     * {@code "1/2 R pivot"}, {@code "body completes"} or {@code "none"}; the inverse of {@link #toString()}.
     */
    public static Turn parse(String text) {
        return TurnText.parse(text);
    }

    public boolean isNone() {
        return equals(NONE);
    }

    /** How far the foot's direction changes: nothing where only the body turns. */
    public int footSixteenths() {
        return kind == Kind.BODY_ONLY ? 0 : sixteenths;
    }

    /** How far the body itself turns on this row, given how far it was behind before (signed). */
    public int bodySixteenths(int lagBefore) {
        return footSixteenths() + lagBefore - lagAfter(lagBefore);
    }

    /** How far the body is behind the foot after this row, signed like the turn, given the same before it. */
    public int lagAfter(int lagBefore) {
        if (kind == Kind.BODY_ONLY) return lagBefore - sixteenths;
        if (bodyLess > 0) return bodyLess * Integer.signum(sixteenths);
        return bodyCompletes || sixteenths != 0 ? 0 : lagBefore;
    }

    /** The mirrored turn. */
    public Turn mirrored() {
        return new Turn(-sixteenths, kind, -begins, bodyLess, bodyCompletes);
    }

    /**
     * The same turn with so many sixteenths more to the right. Past two whole turns it is one whole turn less, which leads to the
     * same direction.
     */
    public Turn plus(int moreSixteenths) {
        int sum = sixteenths + moreSixteenths;
        if (Math.abs(sum) > MAX_SIXTEENTHS) sum -= WHOLE * Integer.signum(sum);
        return new Turn(sum, sum == 0 ? Kind.BETWEEN_FEET : kind, begins, sum == 0 ? 0 : bodyLess, bodyCompletes);
    }

    @Override
    public String toString() {
        return TurnText.print(this);
    }
}
