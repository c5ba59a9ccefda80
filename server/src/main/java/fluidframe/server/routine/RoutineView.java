package fluidframe.server.routine;

import java.time.Instant;
import java.util.UUID;

/** A routine as kept. */
record RoutineView(UUID id, long version, Instant savedAt, RoutineDraft routine) {
    /** A line in the list of routines. */
    record RoutineSummary(
            UUID id,
            String name,
            String dance,
            int bars,
            int figures,
            int brokenJoins,
            String note,
            String couple,
            Instant savedAt) {}
}
