package fluidframe.server.record;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.event.EventTerms;
import fluidframe.core.link.Danceable;
import fluidframe.core.log.Danced;
import fluidframe.core.log.Entry;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.server.event.EventView;
import fluidframe.server.log.LogBook;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Reads what a couple or group has danced, and in which runs which figure was. */
@Component
class Known {
    /** What is older says little of how somebody dances now. */
    static final Duration YEAR = Duration.ofDays(364);

    private final LogBook book;
    private final Documents<Routine, RoutineSummary> routines;
    private final Documents<EventTerms, EventView.EventSummary> events;
    private final RoutineDesk desk;
    private final FigureShelf shelf;
    private final Clock clock;

    Known(
            LogBook book,
            Documents<Routine, RoutineSummary> routines,
            Documents<EventTerms, EventView.EventSummary> events,
            RoutineDesk desk,
            FigureShelf shelf,
            Clock clock) {
        this.book = book;
        this.routines = routines;
        this.events = events;
        this.desk = desk;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** Everything of the last year, the earliest first. */
    Runs of(Whoms.Whom whom) {
        return new Runs(whom, Danced.of(book.since(whom.id(), clock.instant().minus(YEAR))));
    }

    /** The runs of one couple or group; the routines in them are worked out once. */
    final class Runs {
        private final Whoms.Whom whom;
        private final List<Danced> all;
        private List<EventTerms> aims;
        private final Map<String, Optional<Routine>> read = new HashMap<>();
        private final Map<String, Optional<RoutineWork>> works = new HashMap<>();
        private final Map<String, Map<String, List<Block>>> blocks = new HashMap<>();

        private Runs(Whoms.Whom whom, List<Danced> all) {
            this.whom = whom;
            this.all = all;
        }

        List<Danced> all() {
            return all;
        }

        private List<EventTerms> aims() {
            if (aims == null) {
                aims = whom.work().events().stream()
                        .flatMap(event -> events.find(event).stream())
                        .map(Document::value)
                        .toList();
            }
            return aims;
        }

        Optional<Routine> routine(String wanted) {
            return read.computeIfAbsent(wanted, id -> routines.find(id).map(Document::value));
        }

        Optional<RoutineWork> work(String routine) {
            return works.computeIfAbsent(
                    routine, id -> routine(id).map(value -> desk.worked(value).work()));
        }

        /** Whether a figure was danced in a run: by itself, or in the stretch of a routine. */
        boolean danced(Danced run, String figure) {
            if (!run.subject().isRoutine()) return run.subject().id().equals(figure);
            return blocks.computeIfAbsent(run.subject().id(), this::blocks).getOrDefault(figure, List.of()).stream()
                    .anyMatch(block -> covers(run, block));
        }

        private Map<String, List<Block>> blocks(String routine) {
            return work(routine).stream()
                    .flatMap(work -> work.blocks().stream())
                    .filter(block -> !block.isFree())
                    .collect(Collectors.groupingBy(
                            block -> block.danced().figure().id()));
        }

        /** All runs in which a figure was danced, with nothing but what was seen of it. */
        List<Danced> of(Entry.Subject figure) {
            return all.stream()
                    .filter(run -> danced(run, figure.id()))
                    .map(run -> run.of(figure))
                    .toList();
        }

        List<Danced> ofRoutine(String id) {
            return all.stream()
                    .filter(run ->
                            run.subject().isRoutine() && run.subject().id().equals(id))
                    .toList();
        }

        /** The tempo wanted of a figure or routine: the routine's own, that of the events aimed at, or the usual. */
        OptionalDouble tempoWanted(String kind, String id) {
            if (kind.equals("routine")) {
                return routine(id).stream().mapToDouble(Routine::tempo).findFirst();
            }
            Optional<Dance> dance = shelf.repertoire().chart(id).map(Chart::dance);
            if (dance.isEmpty()) return OptionalDouble.empty();
            OptionalDouble asked = aims().stream()
                    .flatMap(event -> Optional.ofNullable(event.tempos().get(dance.get())).stream())
                    .mapToDouble(band -> band.slowest())
                    .max();
            return asked.isPresent() ? asked : OptionalDouble.of(dance.get().slowestBarsPerMinute());
        }
    }

    static boolean isOf(Block block, String figure) {
        return block.figure()
                .map(Danceable::figure)
                .filter(chart -> chart.id().equals(figure))
                .isPresent();
    }

    static boolean covers(Danced run, Block block) {
        return run.run().from() < block.end().toDouble()
                && run.run().to() > block.start().toDouble();
    }
}
