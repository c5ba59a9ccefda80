package fluidframe.server.log;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.couple.Role;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Tally;
import fluidframe.server.access.OpenTo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was seen while dancing, entered and read again. */
@RestController
@OpenTo
@RequestMapping("/api/log")
class LogController {
    private final LogBook book;

    LogController(LogBook book) {
        this.book = book;
    }

    /**
     * What is entered.
     *
     * @param kind figure or routine
     * @param id of the figure or routine
     * @param name of the figure or routine
     * @param run by which what is seen in the same run is known to belong together
     * @param from beats from the first of the first bar
     * @param tempo bars a minute, if it is known
     * @param fault none for a clean run
     * @param whom who danced, in words; blank if it is not said
     * @param couple id of the couple or group
     * @param lesson id of the lesson in which it was seen
     * @param part man or lady, where one danced alone
     * @param otherSide whether it was danced to the side that the chart does not show
     */
    record LogEntryWanted(
            @NotNull String kind,
            @NotNull String id,
            @NotNull String name,
            @NotNull String run,
            double from,
            double to,
            Optional<Double> tempo,
            Optional<@Valid LogFault> fault,
            @NotNull String whom,
            Optional<String> couple,
            Optional<String> lesson,
            Optional<String> part,
            boolean otherSide) {
        Entry entry() {
            return new Entry(
                    new Entry.Subject(kind, id, name),
                    new Entry.Run(
                            run,
                            from,
                            to,
                            tempo.map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                            part.map(LogController::part).orElse(Entry.Part.BOTH),
                            otherSide),
                    fault.map(LogFault::fault),
                    new Entry.Whom(couple.orElse(""), whom, lesson.orElse("")));
        }
    }

    /** A fault at a step; the rows, and the places of figures in a routine, count from 1. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record LogFault(
            @NotNull String figure,
            @NotNull String figureName,
            @NotNull String role,
            int row,
            Optional<Integer> place,
            @NotNull String seen,
            Optional<String> cause,
            @NotNull String cue) {
        static LogFault of(Entry.Fault fault) {
            return new LogFault(
                    fault.figure(),
                    fault.figureName(),
                    fault.role().toString(),
                    fault.row(),
                    Optional.of(fault.place()).filter(place -> place > 0),
                    fault.seen(),
                    Optional.of(fault.cause()).filter(cause -> !cause.isBlank()),
                    fault.cue());
        }

        Entry.Fault fault() {
            return new Entry.Fault(
                    figure, figureName, place.orElse(0), Role.parse(role), row, seen, cause.orElse(""), cue);
        }
    }

    /** Refuses a word that is neither role. */
    private static Entry.Part part(String word) {
        return switch (word) {
            case "both" -> Entry.Part.BOTH;
            case "man" -> Entry.Part.MAN;
            case "lady" -> Entry.Part.LADY;
            default ->
                throw new IllegalArgumentException("Who danced must be both, man or lady, but was \"" + word + "\"");
        };
    }

    /**
     * What was seen of one figure or routine.
     *
     * @param entries the newest first
     * @param runs those of which anything was logged
     * @param clean runs called clean in which no fault was seen
     * @param fastestClean bars a minute
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record LogView(List<LogLine> entries, int runs, int clean, Optional<Double> fastestClean, List<OftenSeen> faults) {}

    /** A fault and how often it was seen. */
    record OftenSeen(String figure, String figureName, String role, int row, String seen, String cue, int times) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LogLine keep(@RequestBody @Valid LogEntryWanted wanted) {
        return LogLine.of(book.keep(wanted.entry()));
    }

    @GetMapping
    LogView of(@RequestParam String kind, @RequestParam String id, @RequestParam(defaultValue = "") String couple) {
        List<LogBook.Kept> rows = book.of(kind, id, couple);
        List<Entry> inOrder =
                new ArrayList<>(rows.stream().map(LogBook.Kept::entry).toList());
        Collections.reverse(inOrder);
        Tally tally = Tally.of(inOrder);
        return new LogView(
                rows.stream().map(LogLine::of).toList(),
                tally.runs(),
                tally.clean(),
                tally.fastestClean().isPresent()
                        ? Optional.of(tally.fastestClean().getAsDouble())
                        : Optional.empty(),
                tally.faults().stream()
                        .map(fault -> new OftenSeen(
                                fault.figure(),
                                fault.figureName(),
                                fault.role().toString(),
                                fault.row(),
                                fault.seen(),
                                fault.cue(),
                                fault.times()))
                        .toList());
    }

    /** What was seen in one lesson, the newest first. */
    @GetMapping("/lessons/{lesson}")
    List<LogLine> ofLesson(@PathVariable String lesson) {
        return book.ofLesson(lesson).stream().map(LogLine::of).toList();
    }

    /**
     * What was seen, put right.
     *
     * @param at when it was seen, not in the future
     * @param tempo bars a minute, if it is known
     * @param fault none for a clean run
     */
    record LogEntryChange(@NotNull Instant at, Optional<Double> tempo, Optional<@Valid LogFault> fault) {}

    /** Puts right what was kept; who danced what, and in which run, stays. */
    @PutMapping("/{id}")
    LogLine change(@PathVariable long id, @RequestBody @Valid LogEntryChange wanted) {
        return LogLine.of(book.change(
                id,
                wanted.at(),
                wanted.tempo().map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                wanted.fault().map(LogFault::fault)));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable long id) {
        book.takeBack(id);
    }
}
