package fluidframe.core.couple;

import fluidframe.core.direction.Direction;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Where the lady is in relation to the man: her direction minus his, in sixteenths clockwise, as an inclusive range, and
 * where her centre stands in his frame (metres to his right and in front of him).
 */
public enum CouplePosition {
    CLOSED("closed", 8, 8, 0.09, 0.34),
    PROMENADE("promenade", 12, 14, 0.27, 0.24, "PP"),
    COUNTER_PROMENADE("counter promenade", 2, 4, -0.27, 0.24, "CPP"),
    FALLAWAY("fallaway", 12, 14, 0.27, 0.24),
    OUTSIDE_RIGHT("partner outside right", 8, 8, 0.30, 0.18, "outside right"),
    OUTSIDE_LEFT("partner outside left", 8, 8, -0.30, 0.18, "outside left", "wing"),
    OPEN_FACING("open facing", 8, 8, 0, 0.85),
    FAN("fan", 4, 4, -0.85, 0.3),
    SIDE_BY_SIDE("side by side", 0, 0, 0.6, 0),
    SHADOW("shadow", 0, 0, 0.2, 0.3),
    TANDEM("tandem", 0, 0, 0, 0.45);

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
                .orElseThrow(() -> new IllegalArgumentException("A couple position must be one of "
                        + Arrays.stream(values()).map(CouplePosition::toString).collect(Collectors.joining(", "))
                        + ", but was \"" + text + "\""));
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

    /** Whether the partners look at each other, so that they step on opposite feet and mirror each other. */
    public boolean isFacing() {
        return from == 8;
    }

    /** Whether both go the same way, open towards it like a V. */
    public boolean isPromenade() {
        return this == PROMENADE || this == FALLAWAY || this == COUNTER_PROMENADE;
    }

    /** In words: {@code "1/2 of a turn"} apart and the like. */
    public String relation() {
        String first = fluidframe.core.direction.TurnText.fraction(from);
        return from == to
                ? (from == 0 ? "the same way as he" : first + " clockwise of his")
                : first + " to " + fluidframe.core.direction.TurnText.fraction(to) + " clockwise of his";
    }

    @Override
    public String toString() {
        return words;
    }
}
