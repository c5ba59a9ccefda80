package fluidframe.server.event;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Hold;
import fluidframe.core.event.Event;
import fluidframe.core.floor.Point;
import fluidframe.core.routine.Hall;
import fluidframe.library.FigureList;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * An event as a coach describes it.
 *
 * @param list id of the list whose levels count there
 * @param level the highest level permitted; none if every figure is
 * @param leastSeconds the shortest a routine may be, 0 for no limit
 * @param mostSeconds the longest, 0 for no limit
 * @param length of the floor in metres, if it is known, with {@code width}
 * @param barred ids of figures, and names of free elements
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record EventDraft(
        @NotBlank @Size(max = 120) String name,
        @NotNull @Size(max = 2000) String note,
        @NotBlank String list,
        String level,
        @Min(0) @Max(3600) int leastSeconds,
        @Min(0) @Max(3600) int mostSeconds,
        @NotNull @Size(min = 1, max = 20) List<@Valid @NotNull BandDraft> dances,
        Double length,
        Double width,
        @NotNull @Size(max = 200) List<@NotBlank String> barred,
        boolean freeElements,
        @NotNull @Size(max = 20) List<@NotBlank String> barredHolds) {
    /** A dance of the event and the tempos played there, in bars a minute. */
    record BandDraft(@NotBlank String dance, double slowest, double fastest) {}

    /** With the levels of its list; the routine's own start point is kept, for the organiser gives none. */
    Event toEvent(FigureList levels, Point start) {
        Map<Dance, Event.Band> bands = new LinkedHashMap<>();
        dances.forEach(band -> bands.put(Dance.parse(band.dance()), new Event.Band(band.slowest(), band.fastest())));
        boolean sized = length != null && width != null;
        return new Event(
                name,
                level == null ? "" : level,
                permitted(levels),
                leastSeconds,
                mostSeconds,
                bands,
                sized ? Optional.of(new Hall(length, width, start)) : Optional.empty(),
                barred.stream().map(what -> what.toLowerCase(Locale.ROOT)).collect(Collectors.toSet()),
                freeElements,
                barredHolds.stream().map(Hold::parse).collect(Collectors.toSet()));
    }

    private Set<String> permitted(FigureList levels) {
        if (level == null || level.isBlank()) return Set.of();
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
