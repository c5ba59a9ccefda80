package fluidframe.core.plan;

import java.util.List;

/**
 * The way round a floor that a routine is to take: along each side in turn, with a corner between. What is danced on a side
 * before its corner must bring the couple as far as the side is long, give or take the tolerance; distances are added up in
 * half metres at the dance's usual stride, a figure being rounded to the nearest.
 *
 * @param sides how far to dance on each side, in metres, one to four of them, each 2 to 60
 * @param tolerance by how much it may be missed, 0.5 to 5 metres
 */
public record Course(List<Double> sides, double tolerance) {
    private static final int MOST_SIDES = 4;

    public Course {
        if (sides.isEmpty() || sides.size() > MOST_SIDES || sides.stream().anyMatch(s -> !(s >= 2 && s <= 60))) {
            throw new IllegalArgumentException(
                    "A course must have 1 to " + MOST_SIDES + " sides of 2 to 60 metres, but has " + sides);
        }
        if (!(tolerance >= 0.5 && tolerance <= 5)) {
            throw new IllegalArgumentException("A course may be missed by 0.5 to 5 metres, but not by " + tolerance);
        }
        sides = List.copyOf(sides);
    }
}
