package fluidframe.core.event;

import fluidframe.core.count.Dance;
import fluidframe.core.count.TempoBand;
import fluidframe.core.couple.Hold;
import fluidframe.core.routine.Hall;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What an event asks for.
 *
 * @param name what it is called
 * @param level the words for the highest level permitted, empty if every figure is
 * @param permitted ids of the figures permitted; empty for all
 * @param leastSeconds the shortest a routine may be, 0 for no limit
 * @param mostSeconds the longest, 0 for no limit
 * @param tempos for each dance of the event its slowest and fastest bars a minute; a dance not named is not danced there
 * @param floor the floor, if it is known
 * @param barred figures that are not allowed whatever their level, by id or name, and free elements by name; in lower case
 * @param freeElements whether free elements are allowed at all
 * @param barredHolds holds that may not be taken
 */
public record Event(
        String name,
        String level,
        Set<String> permitted,
        int leastSeconds,
        int mostSeconds,
        Map<Dance, TempoBand> tempos,
        Optional<Hall> floor,
        Set<String> barred,
        boolean freeElements,
        Set<Hold> barredHolds) {
    public Event {
        if (leastSeconds < 0 || mostSeconds < 0 || mostSeconds > 0 && mostSeconds < leastSeconds) {
            throw new IllegalArgumentException("The time must be from the shortest to the longest, but was "
                    + leastSeconds + " to " + mostSeconds + " seconds");
        }
        permitted = Set.copyOf(permitted);
        tempos = Map.copyOf(tempos);
        barred = Set.copyOf(barred);
        barredHolds = Set.copyOf(barredHolds);
    }

    /** One line of a report: what was looked at, how it stands, and the figures it is about (from 0). */
    public record Line(String about, Verdict verdict, String detail, List<Integer> blocks) {
        public Line {
            blocks = List.copyOf(blocks);
        }
    }

    /** How a routine stands with one demand. */
    public enum Verdict {
        KEPT,
        BROKEN,
        /** Nothing the charts can tell: to be asked of the organiser. */
        ASK
    }
}
