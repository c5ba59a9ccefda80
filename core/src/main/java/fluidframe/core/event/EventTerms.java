package fluidframe.core.event;

import fluidframe.core.count.Dance;
import fluidframe.core.count.TempoBand;
import fluidframe.core.couple.Hold;
import fluidframe.core.floor.Point;
import fluidframe.core.list.FigureList;
import fluidframe.core.routine.Hall;
import java.time.LocalDate;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a coach has written down of an event: the levels by the name of a list, which is looked up when a routine is checked.
 *
 * @param date the day on which it is held, if it is known
 * @param list id of the list whose levels count there
 * @param level the highest level permitted; empty if every figure is
 * @param leastSeconds the shortest a routine may be, 0 for no limit
 * @param mostSeconds the longest, 0 for no limit
 * @param tempos the dances in order, each with its slowest and fastest bars a minute
 * @param floor its size, if it is known
 * @param barred ids of figures, and names of free elements
 * @param freeElements whether free elements are allowed at all
 * @param barredHolds holds that may not be taken
 */
public record EventTerms(
        String name,
        String note,
        Optional<LocalDate> date,
        String list,
        String level,
        int leastSeconds,
        int mostSeconds,
        Map<Dance, TempoBand> tempos,
        Optional<Size> floor,
        List<String> barred,
        boolean freeElements,
        List<Hold> barredHolds) {
    /** A floor of which the organiser gives no more; metres. */
    public record Size(double length, double width) {
        public Size {
            on(length, width, Point.ORIGIN);
        }

        private static Hall on(double length, double width, Point start) {
            return new Hall(length, width, start);
        }
    }

    public EventTerms {
        if (name.isBlank()) throw new IllegalArgumentException("An event must have a name");
        if (tempos.isEmpty()) throw new IllegalArgumentException("An event must have at least one dance");
        tempos = Collections.unmodifiableMap(new LinkedHashMap<>(tempos));
        barred = List.copyOf(barred);
        barredHolds = List.copyOf(barredHolds);
    }

    /**
     * With the levels of its list; refuses a level that the list does not have.
     *
     * @param start where the couple begins, which the organiser does not give
     */
    public Event under(FigureList levels, Point start) {
        return new Event(
                name,
                level,
                permitted(levels),
                leastSeconds,
                mostSeconds,
                tempos,
                floor.map(size -> Size.on(size.length(), size.width(), start)),
                barred.stream().map(what -> what.toLowerCase(Locale.ROOT)).collect(Collectors.toSet()),
                freeElements,
                Set.copyOf(barredHolds));
    }

    private Set<String> permitted(FigureList levels) {
        if (level.isBlank()) return Set.of();
        Set<String> permitted = new HashSet<>();
        for (FigureList.Level each : levels.levels()) {
            permitted.addAll(each.figures());
            if (each.name().equals(level)) return permitted;
        }
        throw new IllegalArgumentException(
                "The level must be one of the list \"" + levels.name() + "\", but was \"" + level + "\": choose "
                        + levels.levels().stream().map(FigureList.Level::name).collect(Collectors.joining(", ")));
    }
}
