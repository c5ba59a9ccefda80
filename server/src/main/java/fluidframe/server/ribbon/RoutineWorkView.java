package fluidframe.server.ribbon;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Repetition;
import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.TurnText;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Danceable;
import fluidframe.core.music.Pulse;
import fluidframe.core.music.Song;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Budget;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.routine.Successor;
import fluidframe.core.rule.Sheet;
import fluidframe.library.routine.RoutineDifference;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.lang.Nullable;

/** A routine worked out, ready to be drawn: beats from its first bar, places in metres, directions in sixteenths from x. */
@JsonInclude(JsonInclude.Include.NON_NULL)
record RoutineWorkView(
        int beatsPerBar,
        double bars,
        double seconds,
        String turnRight,
        String turnLeft,
        boolean canRepeat,
        int corners,
        int brokenJoins,
        BudgetView budget,
        List<BlockView> blocks,
        List<JoinView> joins,
        List<CircuitView.StopView> path,
        List<String> floorNotes,
        @Nullable FitView fit,
        @Nullable String fitProblem,
        List<NextView> next) {
    /**
     * A figure or free element in its place; the side of the floor after it, and metres danced along it and left of it.
     * {@code mostTimes} is how often its repeated steps may be danced, 1 if it has none. {@code missing} says why what stands here
     * cannot be danced.
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record BlockView(
            @Nullable String figure,
            String name,
            String use,
            double startBeat,
            double beats,
            int bar,
            double seconds,
            String begins,
            String ends,
            @Nullable StateView after,
            boolean corner,
            int openFindings,
            int side,
            double along,
            double left,
            int mostTimes,
            List<UseView> uses,
            List<TimingView> timings,
            @Nullable String missing) {}

    /** How both are left: what the next figure has to begin with; beat of the bar from 1. */
    record StateView(
            String man, String lady, String manFree, String ladyFree, String position, String hold, String beat) {}

    /** Another way of dancing the same figure. */
    record UseView(
            String name,
            @Schema(ref = ApiDescription.PLACED) JsonNode figure,
            double bars) {}

    /** Another timing of the same figure, as counted. */
    record TimingView(String id, String counts) {}

    /** What the routine is made of; {@code missed} are phrases, from 1, that begin within a figure. */
    record BudgetView(int phrases, int phraseHits, List<Integer> missed, List<DancedView> figures) {}

    /** How often a figure is danced. */
    record DancedView(String figure, String name, int times) {}

    /** What can be danced next. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record NextView(
            String name,
            @Schema(ref = ApiDescription.PLACED) JsonNode figure,
            double bars,
            String verdict,
            boolean customary,
            boolean leadsOn,
            @Nullable JoinView.AdjustmentView adjustment) {}

    /** What the drawing needs besides the routine: the song, if it is set to one. */
    static RoutineWorkView of(Routine routine, RoutineWork work, Optional<Song> song, int selected) {
        int beatsPerBar = work.dance().beatsPerBar();
        FloorReport floor = FloorReport.of(work, routine.hall(), routine.stride());
        Pulse pulse = RoutineDesk.pulse(routine, song, beatsPerBar);
        double beats = work.length().toDouble();
        double first =
                work.blocks().isEmpty() ? 0 : work.blocks().get(0).start().toDouble();
        List<JoinView> joins = work.junctions().stream()
                .map(junction -> JoinView.of(
                        junction,
                        work.repairs(junction),
                        routine.places().get(junction.index()).accepted(),
                        beatsPerBar))
                .toList();
        FitView.Set fit = FitView.of(routine, work, song);
        return new RoutineWorkView(
                beatsPerBar,
                beats / beatsPerBar,
                Math.round((pulse.seconds(first + beats) - pulse.seconds(first)) * 10) / 10.0,
                TurnText.amount(work.turned(1)),
                TurnText.amount(work.turned(-1)),
                work.canRepeat(),
                work.blocks().isEmpty()
                        ? 0
                        : work.blocks().get(work.blocks().size() - 1).corners(),
                (int) joins.stream().filter(JoinView::isOpen).count(),
                budget(work, routine.phraseBars()),
                blocks(work, floor, pulse),
                joins,
                CircuitView.stops(floor.path()),
                floor.notes().stream().map(FloorReport.Note::words).toList(),
                fit.view(),
                fit.problem(),
                work.successors(selected).stream()
                        .map(s -> next(s, beatsPerBar))
                        .toList());
    }

    private static BudgetView budget(RoutineWork work, int phraseBars) {
        Budget budget = Budget.of(work, phraseBars);
        List<DancedView> figures = new ArrayList<>();
        budget.figures().forEach((id, times) -> figures.add(new DancedView(id, nameOf(work, id), times)));
        return new BudgetView(budget.phrases(), budget.phraseHits(), budget.missed(), figures);
    }

    private static String nameOf(RoutineWork work, String id) {
        return work.blocks().stream()
                .flatMap(block -> block.figure().stream())
                .map(Danceable::figure)
                .filter(figure -> figure.id().equals(id))
                .findFirst()
                .orElseThrow()
                .identity()
                .name();
    }

    private static List<BlockView> blocks(RoutineWork work, FloorReport floor, Pulse pulse) {
        List<BlockView> views = new ArrayList<>();
        // A figure danced twenty times is checked once.
        Map<String, Integer> findings = new HashMap<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            Block block = work.blocks().get(i);
            FloorReport.Side side = floor.sides().isEmpty()
                    ? new FloorReport.Side(0, 0, 0)
                    : floor.sides().get(i);
            if (block.isFree()) {
                views.add(free(block, work, side, pulse));
                continue;
            }
            Chart figure = block.danced().figure();
            int open = findings.computeIfAbsent(figure.id(), id -> openFindings(figure));
            views.add(figure(i, work, side, pulse, open));
        }
        return views;
    }

    private static BlockView free(Block block, RoutineWork work, FloorReport.Side side, Pulse pulse) {
        return new BlockView(
                null,
                block.name(),
                "",
                block.start().toDouble(),
                block.length().toDouble(),
                block.bar(work.dance().bar()),
                rounded(pulse, block.start().toDouble()),
                "",
                "",
                null,
                false,
                0,
                side.side(),
                0,
                side.left(),
                1,
                List.of(),
                List.of(),
                block.missing().orElse(null));
    }

    private static BlockView figure(int index, RoutineWork work, FloorReport.Side side, Pulse pulse, int openFindings) {
        Block block = work.blocks().get(index);
        Danceable danced = block.danced();
        var steps = danced.chart().man();
        Direction start = danced.ledger().of(Role.MAN).start().plus(block.rotation());
        Direction end = danced.ledger().of(Role.MAN).last().foot().plus(block.rotation());
        return new BlockView(
                danced.figure().id(),
                danced.name(),
                RoutineDifference.turn(danced.use().lastTurnSixteenths()),
                block.start().toDouble(),
                block.length().toDouble(),
                block.bar(work.dance().bar()),
                rounded(pulse, block.start().toDouble()),
                named(steps.get(0).alignment(), start),
                named(steps.get(steps.size() - 1).alignment(), end),
                state(work.arrivalAfter(index).orElseThrow()),
                work.takesCorner(index),
                openFindings,
                side.side(),
                Math.round(side.along() * 10) / 10.0,
                Math.round(side.left() * 10) / 10.0,
                danced.use().part().isPresent() ? 1 : Math.max(1, Repetition.most(danced.figure())),
                uses(work, danced),
                danced.figure().timings().stream()
                        .map(timing -> new TimingView(timing.id(), timing.man().toString()))
                        .toList(),
                null);
    }

    private static int openFindings(Chart figure) {
        return (int) RuleBook.standard().check(Sheet.of(figure)).stream()
                .filter(RuleBook.Checked::isBroken)
                .count();
    }

    private static StateView state(Arrival arrival) {
        return new StateView(
                arrival.man().toString(),
                arrival.lady().toString(),
                arrival.manFree().spoken(),
                arrival.ladyFree().spoken(),
                arrival.position().toString(),
                arrival.hold().toString(),
                arrival.nextBeat().plus(fluidframe.core.count.Beats.ONE).toString());
    }

    private static List<UseView> uses(RoutineWork work, Danceable danced) {
        return work.usesOf(danced.figure().id()).stream()
                .map(use -> new UseView(
                        use.name(),
                        placed(use),
                        use.chart().length().toDouble() / work.dance().beatsPerBar()))
                .toList();
    }

    private static JsonNode placed(Danceable danced) {
        return RoutineFormat.ROUTINE.toJson(new PlacedFigure(danced.figure().id(), danced.use(), false));
    }

    /** To a tenth of a second. */
    private static double rounded(Pulse pulse, double beat) {
        return Math.round(pulse.seconds(beat) * 10) / 10.0;
    }

    private static String named(Optional<Alignment> charted, Direction foot) {
        Alignment.Kind kind = charted.map(Alignment::kind).orElse(Alignment.Kind.FACING);
        return Alignment.of(kind, foot).withFootDirection(foot).toString();
    }

    private static NextView next(Successor successor, int beatsPerBar) {
        Danceable figure = successor.figure();
        return new NextView(
                figure.name(),
                placed(figure),
                figure.chart().length().toDouble() / beatsPerBar,
                successor.link().verdict().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                successor.customary(),
                successor.leadsOn(),
                successor.link().adjustments().stream()
                        .findFirst()
                        .map(JoinView.AdjustmentView::of)
                        .orElse(null));
    }
}
