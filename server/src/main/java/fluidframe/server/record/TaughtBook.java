package fluidframe.server.record;

import fluidframe.core.chart.Chart;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Routine;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.routine.RoutineDifference;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.text.Difference;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.lang.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was taught to whom, and in what it differs from what stands now. */
@Service
public class TaughtBook {
    /** What is noted where every figure was as it ships. */
    private static final String NONE_OWN = "{}";

    private static final Pattern FIGURE = Pattern.compile(RoutineDifference.FIGURE + " (\\d+)");

    private final TaughtRows rows;
    private final Documents<Routine, RoutineSummary> routines;
    private final FigureShelf shelf;
    private final RoutineDesk desk;
    private final TaughtFigures figures;
    private final Clock clock;

    TaughtBook(
            TaughtRows rows,
            Documents<Routine, RoutineSummary> routines,
            FigureShelf shelf,
            RoutineDesk desk,
            TaughtFigures figures,
            Clock clock) {
        this.rows = rows;
        this.routines = routines;
        this.shelf = shelf;
        this.desk = desk;
        this.figures = figures;
        this.clock = clock;
    }

    /**
     * Something taught.
     *
     * @param kind figure or routine
     * @param version its number when it was taught; 0 for a figure as it ships
     * @param now the number that stands now; left out if it is gone
     * @param differences in what it differs from what stands now, in words
     */
    public record TaughtView(
            long id,
            Instant at,
            String whom,
            String kind,
            String subject,
            String name,
            long version,
            @Nullable Long now,
            List<DifferenceView> differences) {}

    /** @param bar in which it is, from 1; 0 where it is not of a bar */
    public record DifferenceView(String where, String before, String after, int bar) {}

    /** What stands now of a figure or routine. */
    private record Standing(String name, long version, String text) {}

    private Optional<Standing> standing(String kind, String id) {
        if (kind.equals("routine")) {
            return routines.find(id)
                    .map(found -> new Standing(
                            found.value().name(),
                            found.version(),
                            RoutineFormat.ROUTINE.toJson(found.value()).toString()));
        }
        if (!kind.equals("figure")) {
            throw new IllegalArgumentException("What is taught is a figure or a routine, but was a \"" + kind + "\"");
        }
        Optional<Document<Chart>> own = shelf.own(id);
        return own.map(Document::value)
                .or(() -> shelf.shipped(id))
                .map(chart -> new Standing(
                        chart.identity().name(),
                        own.map(Document::version).orElse(0L),
                        ChartFormat.CHART.toJson(chart).toString()));
    }

    /** As it stands now. */
    @Transactional
    public TaughtView teach(String couple, String kind, String id, Instant at) {
        Standing now =
                standing(kind, id).orElseThrow(() -> new NotFoundException("There is no " + kind + " \"" + id + "\""));
        TaughtRow row = new TaughtRow(
                at.truncatedTo(ChronoUnit.MICROS), couple, kind, id, now.name(), now.version(), now.text());
        if (kind.equals("routine")) row.note(figures.noted(routine(now.text())));
        return view(rows.save(row), figures.mine());
    }

    /** A routine as it stood once. */
    @Transactional
    public void teachAsItWas(String couple, String id, Routine routine, long version, Instant at) {
        String text = RoutineFormat.ROUTINE.toJson(routine).toString();
        rows.save(
                new TaughtRow(at.truncatedTo(ChronoUnit.MICROS), couple, "routine", id, routine.name(), version, text));
    }

    TaughtView teach(String couple, String kind, String id) {
        return teach(couple, kind, id, clock.instant());
    }

    /** What a couple was taught last of everything, the newest first. */
    List<TaughtView> of(String couple) {
        Map<String, TaughtRow> last = new LinkedHashMap<>();
        rows.of(couple).forEach(row -> last.putIfAbsent(row.kind() + " " + row.subject(), row));
        Set<String> mine = figures.mine();
        return last.values().stream().map(row -> view(row, mine)).toList();
    }

    /** What has moved on since it was taught to somebody. */
    List<TaughtView> movedOn() {
        Map<String, Optional<Standing>> known = new HashMap<>();
        Set<String> mine = figures.mine();
        return rows.latest().stream()
                .map(row -> view(
                        row,
                        known.computeIfAbsent(
                                row.kind() + " " + row.subject(), key -> standing(row.kind(), row.subject())),
                        mine))
                .filter(view -> !view.differences().isEmpty())
                .toList();
    }

    @Transactional
    public void takeBack(long id) {
        rows.delete(rows.findById(id)
                .orElseThrow(() -> new NotFoundException("That is not written down as taught any more")));
    }

    @Transactional
    public void erase(String couple) {
        rows.erase(couple);
    }

    long count(String couple) {
        return rows.countByCoupleId(couple);
    }

    private TaughtView view(TaughtRow row, Set<String> mine) {
        return view(row, standing(row.kind(), row.subject()), mine);
    }

    private TaughtView view(TaughtRow row, Optional<Standing> now, Set<String> mine) {
        return new TaughtView(
                row.id(),
                row.at(),
                row.couple(),
                row.kind(),
                row.subject(),
                now.map(Standing::name).orElse(row.name()),
                row.version(),
                now.map(Standing::version).orElse(null),
                now.map(standing -> differences(row, standing, mine)).orElse(List.of()));
    }

    private List<DifferenceView> differences(TaughtRow row, Standing now, Set<String> mine) {
        boolean same = now.text().equals(row.text());
        if (same && !row.kind().equals("routine")) return List.of();
        if (row.kind().equals("figure")) {
            Chart before = ChartFormat.CHART.salvage(row.text()).value();
            Chart after = ChartFormat.CHART.salvage(now.text()).value();
            return ChartFormat.CHART.differences(before, after).stream()
                    .map(difference -> view(difference, 0))
                    .toList();
        }
        Optional<String> noted = row.figures().filter(text -> !text.equals(NONE_OWN) || !mine.isEmpty());
        if (same && noted.isEmpty()) return List.of();
        Routine before = routine(row.text());
        Routine after = routine(now.text());
        List<Block> blocks = desk.worked(after).work().blocks();
        List<DifferenceView> differences = new ArrayList<>();
        RoutineDifference.between(before, after, this::nameOf)
                .forEach(difference -> differences.add(view(difference, bar(difference, blocks, after))));
        noted.ifPresent(text -> differences.addAll(figures.since(text, before, after, mine, blocks)));
        return differences;
    }

    private static Routine routine(String text) {
        return RoutineFormat.ROUTINE.salvage(text).value();
    }

    private String nameOf(String figure) {
        return shelf.repertoire()
                .chart(figure)
                .map(chart -> chart.identity().name())
                .orElse(figure);
    }

    private static int bar(Difference difference, List<Block> blocks, Routine routine) {
        Matcher place = FIGURE.matcher(difference.where());
        if (!place.matches()) return 0;
        int index = Integer.parseInt(place.group(1)) - 1;
        return index < blocks.size() ? blocks.get(index).bar(routine.dance().bar()) : 0;
    }

    private static DifferenceView view(Difference difference, int bar) {
        return new DifferenceView(difference.where(), difference.before(), difference.after(), bar);
    }
}
