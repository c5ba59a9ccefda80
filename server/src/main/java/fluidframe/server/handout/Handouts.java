package fluidframe.server.handout;

import fluidframe.core.chart.Chart;
import fluidframe.core.routine.Routine;
import fluidframe.server.event.EventReports;
import fluidframe.server.repertoire.FigureListing;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Every sheet that there is, by what it is and of what. */
@Service
class Handouts {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final FigureShelf shelf;
    private final Documents<Chart, FigureListing> charts;
    private final Documents<Routine, RoutineSummary> routines;
    private final RoutineDesk desk;
    private final EventReports reports;

    Handouts(
            FigureShelf shelf,
            Documents<Chart, FigureListing> charts,
            Documents<Routine, RoutineSummary> routines,
            RoutineDesk desk,
            EventReports reports) {
        this.shelf = shelf;
        this.charts = charts;
        this.routines = routines;
        this.desk = desk;
        this.reports = reports;
    }

    /**
     * A sheet.
     *
     * @param what figure, comparison, routine or part
     * @param id of what
     * @param with of what else: the other figure of a comparison, the event of a report; blank for nothing
     */
    Sheet sheet(String what, String id, String with, Wish wish) {
        return switch (what) {
            case "figure" -> figure(id, wish);
            case "comparison" -> FigureSheets.comparison(wish, chart(id), chart(with));
            case "routine" -> routine(id, with, wish);
            case "part" -> part(id, wish);
            default ->
                throw new IllegalArgumentException(
                        "A sheet must be of a figure, comparison, routine or part, but was \"" + what + "\"");
        };
    }

    private Chart chart(String id) {
        return charts.find(id)
                .map(Document::value)
                .or(() -> shelf.shipped(id))
                .orElseGet(() -> charts.get(id).value());
    }

    private Sheet figure(String id, Wish wish) {
        Optional<Document<Chart>> own = charts.find(id);
        return new FigureSheets(wish, chart(id))
                .sheet(own.map(Handouts::version).orElse(""));
    }

    private static String version(Document<?> document) {
        return version(document.version(), document.savedAt());
    }

    private static String version(long version, Instant savedAt) {
        return "version " + version + " of "
                + savedAt.atZone(ZoneId.systemDefault()).format(DAY);
    }

    private Sheet routine(String id, String event, Wish wish) {
        Document<Routine> routine = routines.get(id);
        return new RoutineSheets(wish, routine.value(), desk.rehearsed(routine.value()))
                .whole(version(routine), event.isBlank() ? Optional.empty() : Optional.of(reports.of(event, id)));
    }

    private Sheet part(String id, Wish wish) {
        Document<Routine> routine = routines.get(id);
        return new RoutineSheets(wish, routine.value(), desk.rehearsed(routine.value())).part(version(routine));
    }
}
