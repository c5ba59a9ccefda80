package fluidframe.core.step;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The side to which the body inclines, away from the moving foot and towards the inside of a turn.
 *
 * @param side to which side; empty is straight
 * @param amount how much of what the body has, if it is said; never of a straight body
 */
public record Sway(Optional<Foot> side, Optional<Amount> amount) {
    public static final Sway STRAIGHT = new Sway(Optional.empty(), Optional.empty());
    public static final Sway LEFT = new Sway(Optional.of(Foot.LEFT), Optional.empty());
    public static final Sway RIGHT = new Sway(Optional.of(Foot.RIGHT), Optional.empty());

    private static final Pattern WORDS = Pattern.compile("(?i)(?:to )?(L|R|left|right)(?:,? (" + Amount.WORDS + "))?");

    public Sway {
        if (side.isEmpty() && amount.isPresent()) {
            throw new IllegalArgumentException("A straight body has no amount of sway");
        }
    }

    /** Reads {@code "L"}, {@code "R a little"} or {@code "straight"}; the inverse of {@link #toString()}. */
    public static Sway parse(String text) {
        String words = text.trim().replaceAll("\\s+", " ");
        switch (words.toLowerCase(Locale.ROOT)) {
            case "straight", "s", "none", "-":
                return STRAIGHT;
            default:
                Matcher matcher = WORDS.matcher(words);
                if (!matcher.matches()) {
                    throw new IllegalArgumentException("A sway must be straight, L or R, then a little, half or full if"
                            + " it is to be said, but was \"" + text + "\"");
                }
                return new Sway(
                        Optional.of(Foot.parse(matcher.group(1))),
                        Optional.ofNullable(matcher.group(2)).map(Amount::parse));
        }
    }

    /** What the partner facing this dancer shows at the same time. */
    public Sway mirrored() {
        return new Sway(side.map(Foot::other), amount);
    }

    /** Whether both incline to the same side, however much. */
    public boolean isToTheSideOf(Sway other) {
        return side.equals(other.side);
    }

    @Override
    public String toString() {
        return side.map(s -> s + amount.map(a -> " " + a).orElse("")).orElse("straight");
    }
}
