package fluidframe.server.log;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.couple.Role;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Tally;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What was seen while dancing, entered and read again. */
@RestController
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
     * @param tempo bars a minute
     * @param fault none for a clean run
     * @param whom who danced; blank if it is not said
     */
    record LogEntryWanted(
            @NotNull String kind,
            @NotNull String id,
            @NotNull String name,
            @NotNull String run,
            double from,
            double to,
            double tempo,
            Optional<@Valid LogFault> fault,
            @NotNull String whom) {
        Entry entry() {
            return new Entry(
                    new Entry.Subject(kind, id, name),
                    new Entry.Run(run, from, to, tempo),
                    fault.map(LogFault::fault),
                    whom);
        }
    }

    /** A fault at a step; the rows count from 1. */
    record LogFault(
            @NotNull String figure,
            @NotNull String figureName,
            @NotNull String role,
            int row,
            @NotNull String seen,
            @NotNull String cue) {
        static LogFault of(Entry.Fault fault) {
            return new LogFault(
                    fault.figure(),
                    fault.figureName(),
                    fault.role().toString(),
                    fault.row(),
                    fault.seen(),
                    fault.cue());
        }

        Entry.Fault fault() {
            return new Entry.Fault(figure, figureName, Role.parse(role), row, seen, cue);
        }
    }

    /** An entry kept. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record LogEntryKept(
            long id, Instant at, double from, double to, double tempo, Optional<LogFault> fault, String whom) {
        static LogEntryKept of(LogRow row) {
            Entry entry = row.entry();
            return new LogEntryKept(
                    row.id(),
                    row.at(),
                    entry.run().from(),
                    entry.run().to(),
                    entry.run().tempo(),
                    entry.fault().map(LogFault::of),
                    entry.whom());
        }
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
    record LogView(
            List<LogEntryKept> entries, int runs, int clean, Optional<Double> fastestClean, List<OftenSeen> faults) {}

    /** A fault and how often it was seen. */
    record OftenSeen(String figure, String figureName, String role, int row, String seen, String cue, int times) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LogEntryKept keep(@RequestBody @Valid LogEntryWanted wanted) {
        return LogEntryKept.of(book.keep(wanted.entry()));
    }

    @GetMapping
    LogView of(@RequestParam String kind, @RequestParam String id) {
        List<LogRow> rows = book.of(kind, id);
        List<Entry> inOrder = new ArrayList<>(rows.stream().map(LogRow::entry).toList());
        Collections.reverse(inOrder);
        Tally tally = Tally.of(inOrder);
        return new LogView(
                rows.stream().map(LogEntryKept::of).toList(),
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

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable long id) {
        book.takeBack(id);
    }
}
