package fluidframe.core.plan;

import java.util.Optional;

/** Where a routine stands on its course, as one number: the side, and half metres danced on it. */
final class CourseStates {
    /** A figure may take the couple back a little behind where the side began. */
    private static final int BACK = 4;

    /** What is told apart along a side, in decimetres: half a metre, less than one step. */
    private static final double DECIMETRES = 5;

    private final int[] least;
    private final int[] most;
    private final int bins;

    CourseStates(Optional<Course> course) {
        int sides = course.map(c -> c.sides().size()).orElse(0);
        least = new int[sides];
        most = new int[sides];
        int longest = 0;
        for (int i = 0; i < sides; i++) {
            double metres = course.orElseThrow().sides().get(i);
            double tolerance = course.orElseThrow().tolerance();
            least[i] = (int) Math.ceil((metres - tolerance) * 2);
            most[i] = (int) Math.floor((metres + tolerance) * 2);
            longest = Math.max(longest, most[i]);
        }
        bins = sides == 0 ? 1 : longest + BACK + 1;
    }

    int size() {
        return Math.max(1, least.length) * bins;
    }

    int start() {
        return least.length == 0 ? 0 : BACK;
    }

    /** After a figure that travels so many decimetres, with the corner before it or not; -1 if it leaves the course. */
    int after(int state, int travel, boolean corner) {
        if (least.length == 0) return 0;
        int side = state / bins;
        int danced = state % bins - BACK;
        if (corner) {
            if (danced < least[side] || side + 1 == least.length) return -1;
            side++;
            danced = 0;
        }
        danced += (int) Math.round(travel / DECIMETRES);
        return danced < -BACK || danced > most[side] ? -1 : side * bins + danced + BACK;
    }

    /** Whether the last side has been danced as far as it should be; without a course always. */
    boolean complete(int state) {
        if (least.length == 0) return true;
        return state / bins == least.length - 1 && state % bins - BACK >= least[least.length - 1];
    }

    boolean isFree() {
        return least.length == 0;
    }
}
