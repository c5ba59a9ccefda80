package fluidframe.core.step;

import fluidframe.core.words.Nearest;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Where the foot is put in relation to the other foot.
 *
 * @param kind the direction or action
 * @param qualifiers what is said of it besides
 */
public record Placement(Kind kind, Set<Qualifier> qualifiers) {
    /** Directions and actions, with the angle from the toes towards the foot's own side and the share of a stride. */
    public enum Kind {
        FORWARD(0, 1, "forward", "fwd", "f"),
        FORWARD_ACROSS(0, 0.85, "forward and across", "fwd across", "fa", "fx"),
        DIAGONALLY_FORWARD(2, 0.8, "diagonally forward", "diag fwd", "df"),
        SIDE_SLIGHTLY_FORWARD(3, 0.75, "side and slightly forward", "side fwd", "sf"),
        SIDE(4, 0.75, "side", "s"),
        SIDE_SLIGHTLY_BACK(5, 0.75, "side and slightly back", "side back", "sb"),
        DIAGONALLY_BACK(6, 0.75, "diagonally back", "diag back", "db"),
        BACK_SLIGHTLY_SIDE(7, 0.8, "back and slightly side", "back side", "bs"),
        BACK(8, 1, "back", "b"),
        CLOSE(4, 0, "closes", "close", "c"),
        CROSS_BEHIND(8, 0, "crosses behind", "xb"),
        CROSS_IN_FRONT(0, 0, "crosses in front", "xf"),
        SIDE_ACROSS(-4, 0.45, "side and across", "sx"),
        IN_PLACE(4, 0, "in place", "ip"),
        REPLACE(4, 0, "replaces weight", "replace", "re"),
        STAMP(4, 0, "stamps", "stamp", "appel", "st"),
        BRUSH(4, 0, "brushes", "brush", "br"),
        DRAW(4, 0, "draws", "draw", "dr"),
        TAP(4, 0, "taps", "tap"),
        POINT(4, 0.5, "points", "point"),
        FLICK(0, 0.35, "flicks", "flick", "fl"),
        HOLD(4, 0, "holds", "hold", "h"),
        NO_STEP(4, 0, "no step", "ns");

        private final int angle;
        private final double stride;
        private final String[] words;

        Kind(int angle, double stride, String... words) {
            this.angle = angle;
            this.stride = stride;
            this.words = words;
        }

        /** Sixteenths from the direction of the toes towards the foot's own side: 0 forward, 4 side, 8 back. */
        public int angle() {
            return angle;
        }

        /** Length as a share of a full stride, 0 to 1. */
        public double stride() {
            return stride;
        }

        /** Whether a step of this kind travels over the floor. */
        public boolean travels() {
            return stride > 0 && this != POINT && this != FLICK;
        }

        /** Whether it goes to the side, be it a little forward or back as well. */
        public boolean isAside() {
            return this == SIDE || this == SIDE_SLIGHTLY_FORWARD || this == SIDE_SLIGHTLY_BACK;
        }

        public boolean isForward() {
            return this == FORWARD || this == FORWARD_ACROSS || this == DIAGONALLY_FORWARD;
        }

        public boolean isBack() {
            return this == BACK || this == BACK_SLIGHTLY_SIDE || this == DIAGONALLY_BACK;
        }

        /** What weight is meant when none is written. */
        public Weight usualWeight() {
            switch (this) {
                case BRUSH, DRAW, TAP, POINT, FLICK, HOLD, NO_STEP:
                    return Weight.NONE;
                default:
                    return Weight.FULL;
            }
        }

        /** The shortest code that a coach can type for it. */
        public String code() {
            return words[words.length - 1];
        }

        @Override
        public String toString() {
            return words[0];
        }
    }

    /** What may be said besides; printed in this order. */
    public enum Qualifier {
        SMALL("small"),
        IN_CBMP("in CBMP"),
        OUTSIDE_PARTNER("outside partner"),
        PARTNER_OUTSIDE("partner outside"),
        LEFTWARDS("leftwards"),
        RIGHTWARDS("rightwards"),
        ON_TRACK("on the track"),
        TURNED_OUT("turned out"),
        LEFT_SIDE_LEADING("left side leading"),
        RIGHT_SIDE_LEADING("right side leading"),
        SLIPPING("slipping"),
        CHECKED("checked"),
        WITHOUT_WEIGHT("without weight");

        private final String words;

        Qualifier(String words) {
            this.words = words;
        }

        Qualifier mirrored() {
            switch (this) {
                case LEFTWARDS:
                    return RIGHTWARDS;
                case RIGHTWARDS:
                    return LEFTWARDS;
                case LEFT_SIDE_LEADING:
                    return RIGHT_SIDE_LEADING;
                case RIGHT_SIDE_LEADING:
                    return LEFT_SIDE_LEADING;
                default:
                    return this;
            }
        }

        @Override
        public String toString() {
            return words;
        }
    }

    public Placement {
        qualifiers =
                qualifiers.isEmpty() ? Set.of() : java.util.Collections.unmodifiableSet(EnumSet.copyOf(qualifiers));
        if (qualifiers.contains(Qualifier.OUTSIDE_PARTNER) && qualifiers.contains(Qualifier.PARTNER_OUTSIDE)) {
            throw new IllegalArgumentException("A step is taken outside partner or with partner outside, not both");
        }
    }

    public static Placement of(Kind kind) {
        return new Placement(kind, Set.of());
    }

    /** Reads {@code "forward in CBMP outside partner"} or {@code "f cbmp op"}; the inverse of {@link #toString()}. */
    public static Placement parse(String text) {
        String rest = " " + text.trim().toLowerCase(Locale.ROOT).replaceAll("[,\\s]+", " ") + " ";
        Set<Qualifier> qualifiers = EnumSet.noneOf(Qualifier.class);
        rest = take(rest, qualifiers, Qualifier.IN_CBMP, " in cbmp ", " cbmp ");
        rest = take(rest, qualifiers, Qualifier.PARTNER_OUTSIDE, " partner outside ", " po ");
        rest = take(rest, qualifiers, Qualifier.OUTSIDE_PARTNER, " outside partner ", " op ");
        rest = take(rest, qualifiers, Qualifier.SMALL, " small step ", " small ", " sm ");
        rest = take(rest, qualifiers, Qualifier.WITHOUT_WEIGHT, " without weight ", " no weight ", " nw ");
        rest = take(rest, qualifiers, Qualifier.LEFTWARDS, " leftwards ", " lw ");
        rest = take(rest, qualifiers, Qualifier.RIGHTWARDS, " rightwards ", " rw ");
        rest = take(rest, qualifiers, Qualifier.ON_TRACK, " on the track ", " ot ");
        rest = take(rest, qualifiers, Qualifier.TURNED_OUT, " turned out ", " to ");
        rest = take(rest, qualifiers, Qualifier.LEFT_SIDE_LEADING, " left side leading ", " lsl ");
        rest = take(rest, qualifiers, Qualifier.RIGHT_SIDE_LEADING, " right side leading ", " rsl ");
        rest = take(rest, qualifiers, Qualifier.SLIPPING, " slipping ", " slips ");
        rest = take(rest, qualifiers, Qualifier.CHECKED, " checked ", " ck ");
        String words = rest.trim();
        Kind kind = Arrays.stream(Kind.values())
                .filter(k -> Arrays.asList(k.words).contains(words))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Nearest.refusal(
                        "A placement",
                        Arrays.stream(Kind.values()).map(Kind::toString).toList(),
                        text)));
        return new Placement(kind, qualifiers);
    }

    private static String take(String text, Set<Qualifier> into, Qualifier qualifier, String... words) {
        for (String word : words) {
            if (text.contains(word)) {
                into.add(qualifier);
                return text.replace(word, " ");
            }
        }
        return text;
    }

    public boolean has(Qualifier qualifier) {
        return qualifiers.contains(qualifier);
    }

    public Placement with(Kind newKind) {
        return new Placement(newKind, qualifiers);
    }

    /** The same with one qualifier in place of another that it has. */
    public Placement replacing(Qualifier old, Qualifier other) {
        Set<Qualifier> changed = EnumSet.copyOf(qualifiers);
        changed.remove(old);
        changed.add(other);
        return new Placement(kind, changed);
    }

    /** The same with the sides named in its qualifiers exchanged. */
    public Placement mirrored() {
        Set<Qualifier> mirrored = EnumSet.noneOf(Qualifier.class);
        qualifiers.forEach(q -> mirrored.add(q.mirrored()));
        return new Placement(kind, mirrored);
    }

    /** What weight the foot takes when the chart says nothing more. */
    public Weight usualWeight() {
        return has(Qualifier.WITHOUT_WEIGHT) ? Weight.NONE : kind.usualWeight();
    }

    @Override
    public String toString() {
        return kind + qualifiers.stream().map(q -> " " + q).collect(Collectors.joining());
    }
}
