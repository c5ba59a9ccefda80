package fluidframe.server.routine;

/** A line in the list of routines; {@code missing} figures cannot be found. */
public record RoutineSummary(
        String name, String dance, int bars, int figures, int brokenJoins, int missing, String note, String couple) {}
