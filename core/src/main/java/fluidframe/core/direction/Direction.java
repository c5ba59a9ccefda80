package fluidframe.core.direction;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A direction on the floor in sixteenths of a turn clockwise from the line of dance: 0 to 15. Couples travel
 * anticlockwise round the room, so somebody facing the line of dance has the wall on the right (4).
 */
public record Direction(int sixteenths) {
    /** The steps of the compass in a whole turn: charts tell turns to the sixteenth. */
    public static final int SIXTEENTHS = 16;

    public static final Direction LOD = new Direction(0);
    /** A new line of dance is the old centre, so a direction read from the new one is 4 more. */
    public static final int CORNER_SIXTEENTHS = 4;

    private static final List<String> NAMES = List.of("LOD", "DW", "wall", "DWA", "against LOD", "DCA", "centre", "DC");
    private static final Map<String, Integer> ALIASES = Map.ofEntries(
            Map.entry("lod", 0),
            Map.entry("line of dance", 0),
            Map.entry("dw", 2),
            Map.entry("diagonal wall", 2),
            Map.entry("w", 4),
            Map.entry("wall", 4),
            Map.entry("dwa", 6),
            Map.entry("dw against", 6),
            Map.entry("diagonal wall against lod", 6),
            Map.entry("alod", 8),
            Map.entry("against lod", 8),
            Map.entry("dca", 10),
            Map.entry("dc against", 10),
            Map.entry("diagonal centre against lod", 10),
            Map.entry("c", 12),
            Map.entry("centre", 12),
            Map.entry("center", 12),
            Map.entry("dc", 14),
            Map.entry("diagonal centre", 14));

    public Direction {
        if (sixteenths < 0 || sixteenths >= SIXTEENTHS) {
            throw new IllegalArgumentException("Direction must be from 0 to 15 sixteenths, but was " + sixteenths);
        }
    }

    /** Any number of sixteenths, brought into 0 to 15. */
    public static Direction of(int sixteenths) {
        return new Direction(Math.floorMod(sixteenths, SIXTEENTHS));
    }

    /** Reads {@code "DW"}, {@code "wall"}, or {@code "LOD/DW"} for the direction between two neighbours. */
    public static Direction parse(String text) {
        String name = text.trim()
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\bdiagonally\\b", "diagonal")
                .replaceAll("\\b(?:to|the|down)\\s+", "")
                .replaceAll("against line of dance", "against lod")
                .replaceAll("\\s+", " ");
        Integer whole = ALIASES.get(name);
        if (whole != null) return new Direction(whole);
        String[] halves = name.split("/", -1);
        if (halves.length == 2) {
            Integer first = ALIASES.get(halves[0].trim());
            Integer second = ALIASES.get(halves[1].trim());
            if (first != null && second != null && Math.floorMod(second - first, SIXTEENTHS) == 2) return of(first + 1);
        }
        throw new IllegalArgumentException("A direction must be LOD, DW, wall, DWA, against LOD, DCA, centre, DC or one"
                + " between neighbours such as LOD/DW, but was \"" + text + "\"");
    }

    public Direction plus(int turnSixteenths) {
        return of(sixteenths + turnSixteenths);
    }

    /** With the two sides of the room exchanged: wall for centre. */
    public Direction mirrored() {
        return of(-sixteenths);
    }

    public Direction opposite() {
        return plus(8);
    }

    /** The same direction on the floor as named after the corner, when the old centre has become the line of dance. */
    public Direction afterCorner() {
        return plus(CORNER_SIXTEENTHS);
    }

    /** Sixteenths clockwise from the other direction to this one: 0 to 15. */
    public int clockwiseFrom(Direction other) {
        return Math.floorMod(sixteenths - other.sixteenths, SIXTEENTHS);
    }

    /** The shorter way from the other direction to this one, in signed sixteenths: -7 to 8. */
    public int turnFrom(Direction other) {
        int clockwise = clockwiseFrom(other);
        return clockwise > 8 ? clockwise - SIXTEENTHS : clockwise;
    }

    @Override
    public String toString() {
        String name = NAMES.get(sixteenths / 2);
        return sixteenths % 2 == 0 ? name : name + "/" + NAMES.get((sixteenths / 2 + 1) % 8);
    }
}
