package fluidframe.server.ribbon;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Option;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Repetition;
import fluidframe.core.check.RuleBook;
import fluidframe.core.count.Beats;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Danceable;
import fluidframe.core.music.Pulse;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.routine.Split;
import fluidframe.core.rule.Sheet;
import fluidframe.library.routine.RoutineDifference;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.lang.Nullable;

/**
 * A figure or free element in its place, with the bar and the beat of it on which it begins, from 1; the side of the floor
 * after it, and metres danced along it and left of it.
 * {@code stretches} are the steps that may be repeated, {@code alternates} whether it has another side, {@code cautions} what
 * to mind so that nobody is hurt. {@code missing}
 * says why what stands here cannot be danced.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record BlockView(
        @Nullable String figure,
        String name,
        String use,
        double startBeat,
        double beats,
        int bar,
        String beat,
        double seconds,
        String begins,
        String ends,
        @Nullable StateView after,
        boolean corner,
        int openFindings,
        int side,
        double along,
        double left,
        List<StepView> steps,
        List<StretchView> stretches,
        boolean alternates,
        List<UseView> uses,
        List<SplitView> splits,
        List<TimingView> timings,
        List<OptionView> options,
        List<EndingView> endings,
        List<String> cautions,
        @Nullable String missing) {
    /**
     * How both are left: what the next figure has to begin with; beat of the bar from 1. Blank for who does not dance, and for
     * what only a couple has.
     */
    record StateView(
            String man, String lady, String manFree, String ladyFree, String position, String hold, String beat) {}

    /** Another way of dancing the same figure. */
    record UseView(
            String name,
            @Schema(ref = ApiDescription.PLACED) JsonNode figure,
            double bars) {}

    /** Two parts of the figure that follow each other, to be danced instead of the whole. */
    record SplitView(
            String words,
            @Schema(ref = ApiDescription.PLACED) JsonNode first,
            @Schema(ref = ApiDescription.PLACED) JsonNode second) {
        static SplitView of(Split split) {
            return new SplitView(
                    "Split into " + split.first().use().part().orElseThrow() + " and "
                            + split.second().use().part().orElseThrow(),
                    RoutineFormat.ROUTINE.toJson(split.first()),
                    RoutineFormat.ROUTINE.toJson(split.second()));
        }
    }

    /** Steps that may be repeated, and how often at the most. */
    record StretchView(String steps, int most) {}

    /** A timing of the same figure, as counted by whoever leads it; as charted has no id. */
    record TimingView(String id, String counts) {}

    /** How near the partners may end besides as charted. */
    record EndingView(String id, String words) {
        static EndingView of(Ending ending) {
            return new EndingView(
                    ending.toString(), ending + ", " + ending.position().orElseThrow());
        }
    }

    /** Another school's way of some cells, whether it is danced here, and which others cannot be danced with it. */
    record OptionView(String id, String name, String says, boolean danced, List<String> excludes) {
        static OptionView of(Option option, Danceable danced) {
            return new OptionView(
                    option.id(),
                    option.name(),
                    option.says(),
                    danced.use().options().contains(option.id()),
                    danced.figure().options().stream()
                            .filter(option::excludes)
                            .map(Option::id)
                            .toList());
        }
    }

    static List<BlockView> of(RoutineWork work, FloorReport floor, Pulse pulse) {
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
                beat(block, work),
                rounded(pulse, block.start().toDouble()),
                "",
                "",
                null,
                false,
                0,
                side.side(),
                0,
                side.left(),
                List.of(),
                List.of(),
                false,
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                BlockCautions.of(block),
                block.missing().orElse(null));
    }

    private static BlockView figure(int index, RoutineWork work, FloorReport.Side side, Pulse pulse, int openFindings) {
        Block block = work.blocks().get(index);
        Danceable danced = block.danced();
        var steps = danced.chart().steps(danced.leader());
        Direction start = danced.ledger().of(danced.leader()).start().plus(block.rotation());
        Direction end = danced.ledger().of(danced.leader()).last().foot().plus(block.rotation());
        return new BlockView(
                danced.figure().id(),
                danced.name(),
                RoutineDifference.ended(danced.use()),
                block.start().toDouble(),
                block.length().toDouble(),
                block.bar(work.dance().bar()),
                beat(block, work),
                rounded(pulse, block.start().toDouble()),
                named(steps.get(0).alignment(), start),
                named(steps.get(steps.size() - 1).alignment(), end),
                state(work.arrivalAfter(index).orElseThrow()),
                work.takesCorner(index),
                openFindings,
                side.side(),
                Math.round(side.along() * 10) / 10.0,
                Math.round(side.left() * 10) / 10.0,
                StepView.of(danced),
                stretches(danced),
                alternates(danced),
                uses(work, danced),
                Split.of(danced, work.takesCorner(index)).stream()
                        .map(SplitView::of)
                        .toList(),
                timings(danced),
                danced.figure().options().stream()
                        .map(option -> OptionView.of(option, danced))
                        .toList(),
                danced.endings().stream().map(EndingView::of).toList(),
                BlockCautions.of(block),
                null);
    }

    private static String beat(Block block, RoutineWork work) {
        return block.start().remainder(work.dance().bar()).plus(Beats.ONE).toString();
    }

    private static int openFindings(Chart figure) {
        return (int) RuleBook.standard().check(Sheet.of(figure)).stream()
                .filter(RuleBook.Checked::isBroken)
                .count();
    }

    private static StateView state(Arrival arrival) {
        boolean his = arrival.dancers().contains(Role.MAN);
        boolean hers = arrival.dancers().contains(Role.LADY);
        boolean both = his && hers;
        return new StateView(
                his ? arrival.man().toString() : "",
                hers ? arrival.lady().toString() : "",
                his ? arrival.manFree().spoken() : "",
                hers ? arrival.ladyFree().spoken() : "",
                both ? arrival.position().toString() : "",
                both ? arrival.hold().toString() : "",
                arrival.nextBeat().plus(Beats.ONE).toString());
    }

    /** As charted and otherwise; none where there is nothing to choose. */
    private static List<TimingView> timings(Danceable danced) {
        Chart figure = danced.figure();
        if (figure.timings().isEmpty()) return List.of();
        Role role = danced.leader();
        List<TimingView> views =
                new ArrayList<>(List.of(new TimingView("", figure.rhythm(role).toString())));
        figure.timings()
                .forEach(timing -> views.add(
                        new TimingView(timing.id(), (role == Role.MAN ? timing.man() : timing.lady()).toString())));
        return views;
    }

    private static List<StretchView> stretches(Danceable danced) {
        Chart once = danced.use().once().of(danced.figure());
        List<Integer> most = Repetition.most(once);
        List<StretchView> stretches = new ArrayList<>();
        for (int i = 0; i < most.size(); i++) {
            RepeatGroup group = once.repeats().get(i);
            stretches.add(new StretchView(group.from() + "-" + group.to(), most.get(i)));
        }
        return stretches;
    }

    /** Whether it can be begun on the other foot and to the other side. */
    private static boolean alternates(Danceable danced) {
        FigureUse use = danced.use();
        return use.variant().isEmpty()
                && use.part().isEmpty()
                && danced.figure().repeats().stream().limit(1).anyMatch(RepeatGroup::mirrored);
    }

    private static List<UseView> uses(RoutineWork work, Danceable danced) {
        return work.usesOf(danced.figure().id()).stream()
                .map(use -> new UseView(
                        use.name(),
                        placed(use),
                        use.chart().length().toDouble() / work.dance().beatsPerBar()))
                .toList();
    }

    static JsonNode placed(Danceable danced) {
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
}
