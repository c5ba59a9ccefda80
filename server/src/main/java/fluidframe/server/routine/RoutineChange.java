package fluidframe.server.routine;

import fluidframe.library.routine.RoutineDifference;
import fluidframe.library.text.Difference;

/**
 * One difference between two states of a routine.
 *
 * @param kind added, removed, replaced or setting
 * @param place where it stands in the newer state, from 1; 0 for a setting
 * @param before what was there, empty if nothing
 * @param after what is there now, empty if nothing
 */
record RoutineChange(String kind, int place, String before, String after) {
    static RoutineChange of(Difference difference) {
        String[] where = difference.where().split(" ");
        if (!where[0].equals(RoutineDifference.FIGURE)) {
            String about = difference.where() + ": ";
            return new RoutineChange("setting", 0, about + difference.before(), about + difference.after());
        }
        String kind =
                difference.before().isEmpty() ? "added" : difference.after().isEmpty() ? "removed" : "replaced";
        return new RoutineChange(kind, Integer.parseInt(where[1]), difference.before(), difference.after());
    }
}
