package fluidframe.core.couple;

import fluidframe.core.direction.Direction;
import fluidframe.core.words.Nearest;
import java.util.Arrays;
import java.util.Locale;

/**
 * Where the lady is in relation to the man: her direction minus his, in sixteenths clockwise, as an inclusive range (which
 * may run past 15 for positions on both sides of "the same way"), and where her centre stands in his frame (metres to his right and in front of him).
 */
public enum CouplePosition {
    CLOSED("closed", 8, 8, 0.09, 0.34),
    PROMENADE("promenade", 12, 14, 0.27, 0.24, "PP"),
    COUNTER_PROMENADE("counter promenade", 2, 4, -0.27, 0.24, "CPP"),
    FALLAWAY("fallaway", 12, 14, 0.27, 0.24),
    OUTSIDE_RIGHT("partner outside right", 8, 8, 0.30, 0.18, "outside right"),
    OUTSIDE_LEFT("partner outside left", 8, 8, -0.30, 0.18, "outside left"),
    WING("wing", 8, 10, -0.30, 0.22),
    CONTRA("contra", 7, 9, 0.15, 0.38),
    OPEN_FACING("open facing", 8, 8, 0, 0.85, "open"),
    FAN("fan", 4, 4, -0.85, 0.25),
    OPEN_PROMENADE("open promenade", 14, 16, 0.70, 0.10, "open PP", "OPP"),
    OPEN_COUNTER_PROMENADE("open counter promenade", 0, 2, -0.70, 0.10, "open CPP", "OCPP"),
    INVERTED_PROMENADE("inverted promenade", 10, 12, 0.45, 0.10, "inverted PP"),
    INVERTED_COUNTER_PROMENADE("inverted counter promenade", 4, 6, -0.45, 0.10, "inverted CPP"),
    SIDE_BY_SIDE("side by side", 15, 17, 0.6, 0, "right side by side", "RSP"),
    LEFT_SIDE_BY_SIDE("left side by side", 15, 17, -0.6, 0, "LSP"),
    OPENED_OUT_RIGHT("opened out right", 15, 17, 0.42, 0.10, "opened out"),
    OPENED_OUT_LEFT("opened out left", 15, 17, -0.42, 0.10),
    RIGHT_ANGLE("right angle", 3, 5, 0.30, 0.45),
    SHADOW("shadow", 0, 0, 0.2, 0.3, "right shadow"),
    LEFT_SHADOW("left shadow", 0, 0, -0.2, 0.3),
    TANDEM("tandem", 0, 0, 0, 0.45),
    TANDEM_MAN_IN_FRONT("tandem man in front", 0, 0, 0, -0.45),
    BACK_TO_BACK("back to back", 8, 8, 0, -0.45),
    TURNING_ALONE("turning alone", 0, 15, 0, 0.75, "apart", "solo turn");

    /** Elbows bent and held low, from the middle of one body to that of the other. */
    private static final double BOTH_HANDS_METRES = 0.65;

    private static final CouplePosition[][] MIRRORED = {
        {PROMENADE, COUNTER_PROMENADE},
        {OUTSIDE_RIGHT, OUTSIDE_LEFT},
        {OPEN_PROMENADE, OPEN_COUNTER_PROMENADE},
        {INVERTED_PROMENADE, INVERTED_COUNTER_PROMENADE},
        {SIDE_BY_SIDE, LEFT_SIDE_BY_SIDE},
        {OPENED_OUT_RIGHT, OPENED_OUT_LEFT},
        {SHADOW, LEFT_SHADOW}
    };

    private final String words;
    private final int from;
    private final int to;
    private final double right;
    private final double ahead;
    private final String[] aliases;

    CouplePosition(String words, int from, int to, double right, double ahead, String... aliases) {
        this.words = words;
        this.from = from;
        this.to = to;
        this.right = right;
        this.ahead = ahead;
        this.aliases = aliases;
    }

    /** Reads the name or its abbreviation; the inverse of {@link #toString()}. */
    public static CouplePosition parse(String text) {
        String wanted = text.trim().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return Arrays.stream(values())
                .filter(p ->
                        p.words.equals(wanted) || Arrays.stream(p.aliases).anyMatch(a -> a.equalsIgnoreCase(wanted)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Nearest.refusal(
                        "A couple position",
                        Arrays.stream(values()).map(CouplePosition::toString).toList(),
                        text)));
    }

    /** How far the lady's direction is outside what this position allows, in sixteenths: 0 if it fits. */
    public int misfit(Direction man, Direction lady) {
        int relative = lady.clockwiseFrom(man);
        int least = 16;
        for (int allowed = from; allowed <= to; allowed++) {
            int apart = Math.floorMod(relative - allowed, 16);
            least = Math.min(least, Math.min(apart, 16 - apart));
        }
        return least;
    }

    /** The least relative direction allowed, in sixteenths clockwise from the man's. */
    public int from() {
        return from;
    }

    /** The greatest relative direction allowed. */
    public int to() {
        return to;
    }

    /** Metres from his centre to hers towards his right. */
    public double right() {
        return right;
    }

    /** Metres from his centre to hers in the direction he faces. */
    public double ahead() {
        return ahead;
    }

    /**
     * Metres from his centre to hers in the direction he faces, as the hold has it: with both pairs of hands joined the couple
     * stands at half an arm, with one pair or none at the length of it.
     */
    public double ahead(Hold hold) {
        return this == OPEN_FACING && hold == Hold.DOUBLE ? BOTH_HANDS_METRES : ahead;
    }

    /** Metres between the two centres, as the hold has it. */
    public double distance(Hold hold) {
        return Math.hypot(right, ahead(hold));
    }

    /** Whether the partners look at each other, so that they step on opposite feet and mirror each other. */
    public boolean isFacing() {
        return from >= 7 && to <= 9 && this != BACK_TO_BACK;
    }

    /** Whether they stand square in front of each other, near or at arm's length. */
    public boolean isFaceToFace() {
        return this == CLOSED || this == OPEN_FACING;
    }

    /** Whether they are square to each other but beside each other's line, as when one has stepped outside. */
    public boolean isAside() {
        return this == OUTSIDE_RIGHT || this == OUTSIDE_LEFT || this == WING;
    }

    /** Whether both go the same way, open towards it like a V. */
    public boolean isPromenade() {
        return this == PROMENADE || this == FALLAWAY || this == COUNTER_PROMENADE;
    }

    /** Whether the bodies stand closer than arms would let them, so that both must move as one. */
    public boolean isClose() {
        return Math.hypot(right, ahead) < 0.45 && this != SHADOW && this != LEFT_SHADOW;
    }

    /** Whether the relation of the bodies is left open, since somebody is turning alone. */
    public boolean isFree() {
        return to - from == 15;
    }

    /** The position on the other side of the man, where there is one. */
    public CouplePosition mirrored() {
        for (CouplePosition[] pair : MIRRORED) {
            if (this == pair[0]) return pair[1];
            if (this == pair[1]) return pair[0];
        }
        return this;
    }

    /** Twice the middle of the range, in thirty-seconds, so that it stays whole. */
    private int doubleMiddle() {
        return from + to;
    }

    /** Whether the relation between the bodies lies on the shorter way from this position to the other, or within either. */
    public boolean isOnTheWayTo(CouplePosition other, Direction man, Direction lady) {
        if (this == other) return false;
        if (isFree() || other.isFree() || misfit(man, lady) == 0 || other.misfit(man, lady) == 0) return true;
        int way = Math.floorMod(other.doubleMiddle() - doubleMiddle(), 32);
        int gone = Math.floorMod(2 * lady.clockwiseFrom(man) - doubleMiddle(), 32);
        return way <= 16 && gone <= way || way >= 16 && gone >= way;
    }

    /** How the lady's body stands to the man's, {@code "1/4 clockwise of {his}"}, as {@link RoleWords} tells. */
    public String relation() {
        String first = fluidframe.core.direction.TurnText.fraction(from);
        return from == to
                ? (from == 0 ? "the same way as {he}" : first + " clockwise of {his}")
                : from == 15
                        ? "the same way as {he}, within 1/16"
                        : first + " to " + fluidframe.core.direction.TurnText.fraction(to) + " clockwise of {his}";
    }

    @Override
    public String toString() {
        return words;
    }
}
