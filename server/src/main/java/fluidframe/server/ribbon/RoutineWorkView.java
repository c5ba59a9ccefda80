package fluidframe.server.ribbon;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.direction.TurnText;
import fluidframe.core.link.Danceable;
import fluidframe.core.music.Pulse;
import fluidframe.core.music.Song;
import fluidframe.core.plan.Course;
import fluidframe.core.plan.Weights;
import fluidframe.core.routine.Budget;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.routine.Successor;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.lang.Nullable;

/**
 * A routine worked out, ready to be drawn: beats from its first bar, places in metres, directions in sixteenths from x.
 *
 * @param leavesFloor whether any of the floor notes says that somebody leaves the floor
 * @param moving whether the couple goes round the floor
 * @param usual what a plan finds worth how much in this dance
 * @param courseSides how far to dance along a long side of the floor and then a short one, in metres
 */
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
        boolean leavesFloor,
        @Nullable FitView fit,
        @Nullable String fitProblem,
        List<NextView> next,
        boolean moving,
        UsualView usual,
        List<Double> courseSides) {
    /** The usual weights of a plan. */
    record UsualView(int customary, int highlight, int variety, int travel, int sides, int change, int build) {
        static UsualView of(Weights weights) {
            return new UsualView(
                    weights.customary(),
                    weights.highlight(),
                    weights.variety(),
                    weights.travel(),
                    weights.sides(),
                    weights.change(),
                    weights.build());
        }
    }

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
            @Nullable AdjustmentView adjustment) {}

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
                BlockView.of(work, floor, pulse),
                joins,
                CircuitView.stops(floor.path(), !work.dance().isMoving()),
                floor.notes().stream().map(FloorReport.Note::words).toList(),
                floor.notes().stream().anyMatch(FloorReport.Note::leaves),
                fit.view(),
                fit.problem(),
                work.successors(selected).stream()
                        .map(s -> next(s, beatsPerBar))
                        .toList(),
                work.dance().isMoving(),
                UsualView.of(Weights.usual(work.dance())),
                Course.along(routine.hall()).sides());
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

    private static NextView next(Successor successor, int beatsPerBar) {
        Danceable figure = successor.figure();
        return new NextView(
                figure.name(),
                BlockView.placed(figure),
                figure.chart().length().toDouble() / beatsPerBar,
                successor.link().verdict().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                successor.customary(),
                successor.leadsOn(),
                successor.link().adjustments().stream()
                        .findFirst()
                        .map(AdjustmentView::of)
                        .orElse(null));
    }
}
