package fluidframe.core.step;

import fluidframe.core.direction.Direction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Where a dancer looks during one row, phase by phase: {@code "L"}, {@code "to partner, R on 3"}, {@code "spot LOD"}. A
 * cell left empty means as the hold has it, or as before.
 */
public record HeadDesign(List<Phase> phases) {
    /**
     * One look.
     *
     * @param way to which side the head turns, to the partner, ahead, or on a spot
     * @param spot the direction in the room that the eyes keep while the body turns; only of {@link Way#SPOT}
     * @param instant when, in the words of a count, such as {@code "on 2"} or {@code "& before 3"}; blank for the whole row
     */
    public record Phase(Way way, Optional<Direction> spot, String instant) {
        @Override
        public String toString() {
            return way + spot.map(s -> " " + s).orElse("") + (instant.isEmpty() ? "" : " " + instant);
        }
    }

    /** Where to. */
    public enum Way {
        LEFT("L"),
        RIGHT("R"),
        AHEAD("ahead"),
        PARTNER("to partner"),
        /** The eyes stay on one place of the room and come back to it before the body does. */
        SPOT("spot");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        private static Way parse(String text) {
            String wanted = text.toLowerCase(Locale.ROOT);
            if (wanted.equals("left")) return LEFT;
            if (wanted.equals("right")) return RIGHT;
            for (Way way : values()) if (way.words.equalsIgnoreCase(wanted)) return way;
            throw new IllegalArgumentException(
                    "A head must look L, R, ahead, to partner or spot, but was \"" + text + "\"");
        }

        private Way mirrored() {
            if (this == LEFT) return RIGHT;
            return this == RIGHT ? LEFT : this;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    public static final HeadDesign NONE = new HeadDesign(List.of());

    /** A head is not turned more often on one row, however slow. */
    private static final int MOST_PHASES = 4;

    private static final Pattern PHASE =
            Pattern.compile("(?i)(?:(L|R|left|right|ahead|to partner)|spot (.+?))(?: (" + BodyDesign.INSTANT + "))?");

    public HeadDesign {
        phases = List.copyOf(phases);
        if (phases.size() > MOST_PHASES) {
            throw new IllegalArgumentException(
                    "A row must have at most " + MOST_PHASES + " looks of the head, but had " + phases.size());
        }
    }

    /** Reads looks with commas between, or {@code "none"}; the inverse of {@link #toString()}. */
    public static HeadDesign parse(String text) {
        List<Phase> phases = new ArrayList<>();
        for (String clause : BodyDesign.clauses(text)) {
            Matcher matcher = PHASE.matcher(clause);
            if (!matcher.matches()) {
                throw new IllegalArgumentException(
                        "A head must look L, R, ahead, to partner, or spot and a direction, then when,"
                                + " such as \"R on 2\" or \"spot LOD\", but was \"" + clause + "\"");
            }
            phases.add(new Phase(
                    matcher.group(1) == null ? Way.SPOT : Way.parse(matcher.group(1)),
                    Optional.ofNullable(matcher.group(2)).map(Direction::parse),
                    Optional.ofNullable(matcher.group(3)).orElse("").toLowerCase(Locale.ROOT)));
        }
        return new HeadDesign(phases);
    }

    public boolean isNone() {
        return phases.isEmpty();
    }

    /** The same to the other side, with the spot mirrored across the line of dance. */
    public HeadDesign mirrored() {
        return turnedAbout().moved(Direction::mirrored);
    }

    /** The same to the other side, with the spot where it is. */
    public HeadDesign turnedAbout() {
        return new HeadDesign(phases.stream()
                .map(p -> new Phase(p.way().mirrored(), p.spot(), p.instant()))
                .toList());
    }

    /** The same after the whole figure has been turned by so many sixteenths clockwise: the spot goes with it. */
    public HeadDesign rotated(int sixteenths) {
        return moved(spot -> spot.plus(sixteenths));
    }

    /** The same with its spots elsewhere in the room. */
    public HeadDesign moved(UnaryOperator<Direction> elsewhere) {
        return new HeadDesign(phases.stream()
                .map(p -> new Phase(p.way(), p.spot().map(elsewhere), p.instant()))
                .toList());
    }

    @Override
    public String toString() {
        return isNone() ? "none" : phases.stream().map(Phase::toString).collect(Collectors.joining(", "));
    }
}
