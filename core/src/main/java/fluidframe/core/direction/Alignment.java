package fluidframe.core.direction;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where a foot is laid in relation to the room: facing, backing or pointing a direction, and, where the travel is not
 * what the foot's direction suggests (a chasse facing diagonal wall along the line of dance), the direction moved to.
 *
 * @param kind facing, backing, or pointing (the foot is there already, the body not yet)
 * @param direction the direction named
 * @param moving the direction of travel where it is charted apart
 */
public record Alignment(Kind kind, Direction direction, Optional<Direction> moving) {
    /** How the foot relates to the direction named. */
    public enum Kind {
        FACING("facing"),
        BACKING("backing"),
        POINTING("pointing");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        @Override
        public String toString() {
            return word;
        }
    }

    private static final Pattern TEXT =
            Pattern.compile("(?i)\\s*([a-z]+)\\s+(.+?)(?:\\s*,?\\s+(?:moving|along|mv)\\s+(.+))?\\s*");

    public static Alignment of(Kind kind, Direction direction) {
        return new Alignment(kind, direction, Optional.empty());
    }

    /** Reads {@code "backing DC"} (or {@code "b dc"}) and {@code "facing DW, moving LOD"}. */
    public static Alignment parse(String text) {
        Matcher matcher = TEXT.matcher(text);
        if (matcher.matches()) {
            String word = matcher.group(1).toLowerCase(Locale.ROOT);
            Optional<Kind> kind = Arrays.stream(Kind.values())
                    .filter(k -> k.word.startsWith(word))
                    .findFirst();
            if (kind.isPresent()) {
                Optional<Direction> moving =
                        Optional.ofNullable(matcher.group(3)).map(Direction::parse);
                return new Alignment(kind.get(), Direction.parse(matcher.group(2)), moving);
            }
        }
        throw new IllegalArgumentException(
                "An alignment must be facing, backing or pointing and a direction, such as \"backing DC\", but was \""
                        + text + "\"");
    }

    /** The direction the toes point to, whichever way it is named. */
    public Direction footDirection() {
        return kind == Kind.BACKING ? direction.opposite() : direction;
    }

    /** The same alignment after everything has been turned by so many sixteenths clockwise. */
    public Alignment rotated(int sixteenths) {
        return new Alignment(kind, direction.plus(sixteenths), moving.map(d -> d.plus(sixteenths)));
    }

    /** The same with the two sides of the room exchanged: wall for centre, DW for DC. */
    public Alignment mirrored() {
        return new Alignment(kind, direction.mirrored(), moving.map(Direction::mirrored));
    }

    /** The same kind of alignment with the toes pointing to {@code foot}. */
    public Alignment withFootDirection(Direction foot) {
        return new Alignment(kind, kind == Kind.BACKING ? foot.opposite() : foot, moving);
    }

    @Override
    public String toString() {
        return kind + " " + direction + moving.map(d -> ", moving " + d).orElse("");
    }
}
