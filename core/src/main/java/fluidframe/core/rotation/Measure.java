package fluidframe.core.rotation;

/**
 * How good a rotation is, each the less the better, the first counting before the second and the second before the third. The first
 * two add up squares after every round, so that what must come twice comes late and is shared out evenly at every time.
 *
 * @param waits after every round, how often everybody has waited, squared
 * @param meetings after every round, how often any two have danced together, squared
 * @param running how often somebody waits twice running
 */
public record Measure(long waits, long meetings, long running) implements Comparable<Measure> {
    @Override
    public int compareTo(Measure other) {
        int byWaits = Long.compare(waits, other.waits);
        if (byWaits != 0) return byWaits;
        int byMeetings = Long.compare(meetings, other.meetings);
        return byMeetings != 0 ? byMeetings : Long.compare(running, other.running);
    }
}
