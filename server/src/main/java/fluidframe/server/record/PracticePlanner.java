package fluidframe.server.record;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.lesson.Topic;
import fluidframe.core.link.Danceable;
import fluidframe.core.practice.Emphasis;
import fluidframe.core.practice.Load;
import fluidframe.core.practice.Matter;
import fluidframe.core.practice.Matters;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.core.practice.PracticePlan;
import fluidframe.core.practice.Strain;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.server.lesson.Calendar;
import fluidframe.server.repertoire.FigureShelf;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Plans practice from what is known of those who practise. */
@Service
public class PracticePlanner {
    private static final int MINUTE = 60;

    /** What it takes to begin a figure again, and a routine, in seconds. */
    private static final int FIGURE_AGAIN = 15;

    private static final int ROUTINE_AGAIN = 60;

    private final Whoms whoms;
    private final Known known;
    private final Planner planner;
    private final Calendar calendar;
    private final FigureShelf shelf;

    PracticePlanner(Whoms whoms, Known known, Planner planner, Calendar calendar, FigureShelf shelf) {
        this.whoms = whoms;
        this.known = known;
        this.planner = planner;
        this.calendar = calendar;
        this.shelf = shelf;
    }

    /** A plan and what it asks of a body. */
    public record Planned(Practice practice, List<Matter> matters, PracticePlan plan, Load load) {}

    /** Plans from a day on; what was done before it stays. */
    public Planned plan(Practice practice, LocalDate today) {
        Whoms.Whom whom = whoms.get(practice.with().id());
        Known.Runs runs = known.of(whom);
        List<Matter> matters = matters(practice, whom, runs, today);
        PracticePlan plan = PracticePlan.of(
                new PracticePlan.Wish(today, practice.aim().day(), practice.minutes(), matters, practice.days()));
        return new Planned(
                practice.planned(plan),
                matters,
                plan,
                Load.of(plan.days().stream().map(PracticeDay::withoutMissed).toList(), new Demands(runs)::of));
    }

    private List<Matter> matters(Practice practice, Whoms.Whom whom, Known.Runs runs, LocalDate today) {
        List<Lesson.About> abouts = new ArrayList<>(planner.others(whom));
        for (Practice.Wanted wanted : practice.wanted()) {
            if (wanted.kind().equals("drill") || !isThere(wanted, runs)) continue;
            Lesson.About about = new Lesson.About(wanted.kind(), wanted.id(), named(wanted));
            if (abouts.stream().noneMatch(one -> same(one, about))) abouts.add(about);
        }
        List<String> promised = calendar.promised(whom.id(), today.plusDays(1));
        Map<String, Matter> byKey = new LinkedHashMap<>();
        for (Lesson.About about : abouts) {
            Topic topic = planner.topic(about, Optional.of(runs), List.of(), Optional.of(whom));
            boolean spoken = promised.stream().anyMatch(promise -> names(promise, about.name()));
            Emphasis emphasis = practice.emphasis(about.kind(), about.id()).orElse(Emphasis.USUAL);
            Matters.of(topic, emphasis, spoken, ZoneId.systemDefault()).stream()
                    // What is said of a figure counts more than what is said of the routine that it is weak in.
                    .map(matter -> matter.wanted(
                            practice.emphasis(matter.kind(), matter.id()).orElse(matter.emphasis())))
                    .forEach(matter ->
                            byKey.merge(matter.key(), matter, (one, other) -> other.need() > one.need() ? other : one));
        }
        practice.wanted().stream()
                .filter(wanted -> wanted.kind().equals("drill"))
                .map(wanted -> Matters.drill(wanted.id(), named(wanted), wanted.emphasis()))
                .forEach(matter -> byKey.put(matter.key(), matter));
        return List.copyOf(byKey.values());
    }

    private boolean isThere(Practice.Wanted wanted, Known.Runs runs) {
        return wanted.kind().equals("figure")
                ? shelf.repertoire().chart(wanted.id()).isPresent()
                : runs.routine(wanted.id()).isPresent();
    }

    private static String named(Practice.Wanted wanted) {
        return wanted.name().isBlank() ? wanted.id() : wanted.name();
    }

    private static boolean same(Lesson.About one, Lesson.About other) {
        return one.kind().equals(other.kind()) && one.id().equals(other.id());
    }

    private static boolean names(String promise, String name) {
        return promise.toLowerCase(Locale.ROOT).contains(name.toLowerCase(Locale.ROOT));
    }

    /** What one run of a part asks; each figure and routine is looked at once. */
    private final class Demands {
        private final Known.Runs runs;
        private final Map<String, Load.Demand> read = new HashMap<>();

        Demands(Known.Runs runs) {
            this.runs = runs;
        }

        Load.Demand of(Part part) {
            return read.computeIfAbsent(part.key(), key -> switch (part.kind()) {
                case "figure" ->
                    shelf.repertoire()
                            .chart(part.id())
                            .map(chart -> figure(chart, part))
                            .orElse(Load.Demand.NOTHING);
                case "routine" ->
                    runs.routine(part.id())
                            .flatMap(routine -> runs.work(part.id()).map(work -> routine(routine, work)))
                            .orElse(Load.Demand.NOTHING);
                default -> Load.Demand.NOTHING;
            });
        }

        private Load.Demand figure(Chart chart, Part part) {
            double beats = Danceable.of(chart, FigureUse.WHOLE).length().toDouble();
            double tempo = part.to().orElse(chart.dance().slowestBarsPerMinute());
            return new Load.Demand(
                    beats / chart.dance().beatsPerBar() / tempo * MINUTE + FIGURE_AGAIN, Strain.in(chart));
        }

        private Load.Demand routine(Routine routine, RoutineWork work) {
            Map<Strain, Integer> all = new EnumMap<>(Strain.class);
            double beats = 0;
            for (Block block : work.blocks()) {
                beats = Math.max(beats, block.end().toDouble());
                block.figure()
                        .map(Danceable::figure)
                        .ifPresent(chart ->
                                Strain.in(chart).forEach((strain, count) -> all.merge(strain, count, Integer::sum)));
            }
            double bars = beats / routine.dance().beatsPerBar();
            return new Load.Demand(bars / routine.tempo() * MINUTE + ROUTINE_AGAIN, all);
        }
    }
}
