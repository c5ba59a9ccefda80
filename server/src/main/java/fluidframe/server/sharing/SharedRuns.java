package fluidframe.server.sharing;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.log.Entry;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.server.access.Audit;
import fluidframe.server.access.Device;
import fluidframe.server.access.Devices;
import fluidframe.server.log.LogBook;
import fluidframe.server.record.Whoms;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;

/** Runs that a couple writes down itself. */
@Component
class SharedRuns {
    private final Reaches reaches;
    private final Whoms whoms;
    private final FigureShelf shelf;
    private final Documents<Routine, RoutineSummary> routines;
    private final LogBook book;
    private final Devices devices;
    private final Audit audit;

    SharedRuns(
            Reaches reaches,
            Whoms whoms,
            FigureShelf shelf,
            Documents<Routine, RoutineSummary> routines,
            LogBook book,
            Devices devices,
            Audit audit) {
        this.reaches = reaches;
        this.whoms = whoms;
        this.shelf = shelf;
        this.routines = routines;
        this.book = book;
        this.devices = devices;
        this.audit = audit;
    }

    /**
     * Something danced through.
     *
     * @param kind figure or routine
     * @param run by which it is known when it is sent again
     * @param from beats from the first of the first bar
     * @param tempo bars a minute, if it is known
     * @param seen what went wrong; absent for a clean run
     */
    record SharedRun(
            @NotNull String kind,
            @NotNull String id,
            @NotNull String run,
            double from,
            double to,
            Optional<Double> tempo,
            Optional<@Valid SharedFault> seen) {}

    /**
     * What went wrong.
     *
     * @param place of the figure in a routine, from 1; 0 in a figure
     * @param role man or lady
     * @param row number of the step, from 1
     */
    record SharedFault(
            int place,
            @NotNull String role,
            int row,
            @NotNull String seen) {}

    /** Keeps it once, for the couple or group whose device it is. */
    void keep(Device device, SharedRun run) {
        Whoms.Whom whom = device.whom()
                .flatMap(whoms::find)
                .orElseThrow(() -> new IllegalArgumentException(
                        "Runs are logged from a couple's own device; this one is of nobody in particular"));
        devices.countChange(device);
        if (!reaches.reaches(device, run.kind(), run.id(), "")) {
            throw new NotFoundException("There is no such " + run.kind() + " here to be danced");
        }
        book.keepOnce(new Entry(
                new Entry.Subject(run.kind(), run.id(), name(run)),
                new Entry.Run(
                        run.run(),
                        run.from(),
                        run.to(),
                        run.tempo().map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                        Entry.Part.BOTH,
                        false),
                run.seen().map(fault -> fault(run, fault)),
                new Entry.Whom(whom.id(), whom.name(), "")));
        audit.note("run logged", device.name() + ", " + name(run));
    }

    private String name(SharedRun run) {
        return run.kind().equals("routine")
                ? routines.get(run.id()).value().name()
                : chart(run.id()).identity().name();
    }

    private Chart chart(String id) {
        return shelf.repertoire()
                .chart(id)
                .orElseThrow(() -> new NotFoundException("There is no figure \"" + id + "\" to be danced"));
    }

    private Entry.Fault fault(SharedRun run, SharedFault fault) {
        Chart chart = chart(run.kind().equals("routine") ? figureAt(run.id(), fault.place()) : run.id());
        Role role = Role.parse(fault.role());
        int rows = chart.steps(role).size();
        if (fault.row() < 1 || fault.row() > rows) {
            throw new IllegalArgumentException(
                    chart.identity().name() + " has " + rows + " steps, but the fault was at " + fault.row());
        }
        int place = run.kind().equals("routine") ? fault.place() : 0;
        return new Entry.Fault(
                chart.id(),
                chart.identity().name(),
                place,
                role,
                fault.row(),
                fault.seen().strip(),
                "",
                "");
    }

    private String figureAt(String routine, int place) {
        List<Routine.Place> places = routines.get(routine).value().places();
        if (place < 1 || place > places.size() || !(places.get(place - 1).placed() instanceof PlacedFigure placed)) {
            throw new IllegalArgumentException(
                    "The routine has " + places.size() + " figures, but the fault was in the one numbered " + place);
        }
        return placed.figureId();
    }
}
