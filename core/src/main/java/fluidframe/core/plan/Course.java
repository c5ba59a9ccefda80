package fluidframe.core.plan;

import fluidframe.core.routine.Hall;
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
    /** Metres, as long as the largest halls have walls. */
    private static final double LONGEST_SIDE = 60;

    /** What a couple needs of a side to come out of one corner and to take the next, in metres. */
    private static final double CORNERS = 5;

    /** Metres; on less no figure is danced. */
    private static final double LEAST_SIDE = 2;
    /** Metres: about three walking steps, which a couple makes up by its stride. */
    private static final double USUAL_TOLERANCE = 2;

    /** Along the first side of a floor, round its corner and along the next, as far as the corners leave room. */
    public static Course along(Hall hall) {
        return new Course(List.of(between(hall.lengthMetres()), between(hall.widthMetres())), USUAL_TOLERANCE);
    }

    private static double between(double wall) {
        return Math.min(LONGEST_SIDE, Math.max(LEAST_SIDE, Math.round(wall - CORNERS)));
    }

    public Course {
        if (sides.isEmpty()
                || sides.size() > MOST_SIDES
                || sides.stream().anyMatch(s -> !(s >= LEAST_SIDE && s <= LONGEST_SIDE))) {
            throw new IllegalArgumentException(
                    "A course must have 1 to " + MOST_SIDES + " sides of 2 to 60 metres, but has " + sides);
        }
        if (!(tolerance >= 0.5 && tolerance <= 5)) {
            throw new IllegalArgumentException("A course may be missed by 0.5 to 5 metres, but not by " + tolerance);
        }
        sides = List.copyOf(sides);
    }
}
