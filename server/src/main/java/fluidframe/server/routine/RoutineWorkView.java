package fluidframe.server.routine;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.TurnText;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.link.Adjustment;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.routine.Successor;
import fluidframe.server.figure.WorkView.PlaceView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A routine worked out, ready to be drawn: beats from its beginning, places in metres, directions in sixteenths from x. */
record RoutineWorkView(
        int beatsPerBar,
        double bars,
        double seconds,
        String turnRight,
        String turnLeft,
        boolean canRepeat,
        int corners,
        int brokenJoins,
        List<BlockView> blocks,
        List<JoinView> joins,
        List<StopView> path,
        List<String> floorNotes,
        List<NextView> next) {
    /** A figure in its place. */
    record BlockView(
            String figure,
            String name,
            String use,
            double startBeat,
            double beats,
            int bar,
            double seconds,
            String begins,
            String ends,
            boolean corner,
            int openFindings) {}

    /** The join before figure {@code index} (from 1); verdict is yes, yes-if or no. */
    record JoinView(
            int index,
            String verdict,
            boolean customary,
            List<String> reasons,
            List<ConditionView> conditions,
            List<AdjustmentView> adjustments,
            List<RepairView> repairs) {}

    /** One thing both figures have to agree on. */
    record ConditionView(String kind, boolean holds, String left, String wanted) {}

    /** What would make the join possible: the corner before the figure, or another last turn of the figure before it. */
    record AdjustmentView(String words, boolean corner, int lastTurn) {}

    /** A figure that can be put between. */
    record RepairView(String name, RoutineDraft.PlacedDraft figure, double bars) {}

    /** Where the middle of the couple is after a step, and where the bodies face. */
    record StopView(double beat, int block, PlaceView place, double man, double lady) {}

    /** What can be danced next. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record NextView(
            String name,
            RoutineDraft.PlacedDraft figure,
            double bars,
            String level,
            String verdict,
            boolean customary,
            boolean leadsOn,
            AdjustmentView adjustment) {}

    static RoutineWorkView of(RoutineDraft draft, RoutineWork work, int selected) {
        int beatsPerBar = draft.toDance().beatsPerBar();
        double secondsPerBeat = 60 / (draft.tempo() * beatsPerBar);
        FloorPlan plan = work.floor(draft.toHall(), draft.toStride());
        double beats = work.length().toDouble();
        return new RoutineWorkView(
                beatsPerBar,
                beats / beatsPerBar,
                Math.round(beats * secondsPerBeat * 10) / 10.0,
                TurnText.amount(work.turned(1)),
                TurnText.amount(work.turned(-1)),
                work.canRepeat(),
                (int) draft.figures().stream()
                        .skip(1)
                        .filter(RoutineDraft.PlacedDraft::corner)
                        .count(),
                (int) work.junctions().stream().filter(Junction::isBroken).count(),
                blocks(draft, work, secondsPerBeat),
                work.junctions().stream().map(RoutineWorkView::join).toList(),
                path(work, plan),
                floorNotes(draft.toHall(), work, plan),
                work.successors(selected).stream()
                        .map(s -> next(s, beatsPerBar))
                        .toList());
    }

    private static List<BlockView> blocks(RoutineDraft draft, RoutineWork work, double secondsPerBeat) {
        List<BlockView> views = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            Block block = work.blocks().get(i);
            Danceable danced = block.danced();
            var steps = danced.chart().man();
            Direction start = danced.ledger().of(Role.MAN).start().plus(block.rotation());
            Direction end = danced.ledger().of(Role.MAN).last().foot().plus(block.rotation());
            var findings =
                    fluidframe.core.check.RuleBook.standard().check(fluidframe.core.rule.Sheet.of(danced.figure()));
            views.add(new BlockView(
                    danced.figure().id(),
                    danced.name(),
                    RoutineDraft.PlacedDraft.turnWords(danced.use().lastTurnSixteenths()),
                    block.start().toDouble(),
                    block.length().toDouble(),
                    block.bar(),
                    Math.round(block.start().toDouble() * secondsPerBeat * 10) / 10.0,
                    named(steps.get(0).alignment(), start),
                    named(steps.get(steps.size() - 1).alignment(), end),
                    draft.figures().get(i).corner() && i > 0,
                    (int) findings.stream()
                            .filter(fluidframe.core.check.RuleBook.Checked::isBroken)
                            .count()));
        }
        return views;
    }

    private static String named(java.util.Optional<Alignment> charted, Direction foot) {
        Alignment.Kind kind = charted.map(Alignment::kind).orElse(Alignment.Kind.FACING);
        return Alignment.of(kind, foot).withFootDirection(foot).toString();
    }

    private static JoinView join(Junction junction) {
        Link link = junction.link();
        return new JoinView(
                junction.index(),
                verdict(link),
                junction.customary(),
                link.obstacles().stream().map(c -> c.reason()).toList(),
                link.conditions().stream()
                        .map(c -> new ConditionView(c.kind().toString(), c.holds(), c.left(), c.wanted()))
                        .toList(),
                link.adjustments().stream().map(RoutineWorkView::adjustment).toList(),
                junction.repairs().stream()
                        .limit(6)
                        .map(r -> new RepairView(
                                r.figure().name(),
                                RoutineDraft.PlacedDraft.of(
                                        r.figure().figure().id(), r.figure().use(), false),
                                r.figure().chart().length().toDouble()
                                        / r.figure().chart().dance().beatsPerBar()))
                        .toList());
    }

    private static String verdict(Link link) {
        return link.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static AdjustmentView adjustment(Adjustment adjustment) {
        return new AdjustmentView(adjustment.words(), adjustment.corner(), adjustment.lastTurnSixteenths());
    }

    private static List<StopView> path(RoutineWork work, FloorPlan plan) {
        List<StopView> stops = new ArrayList<>();
        Point man = plan.startMan();
        Point lady = plan.startLady();
        double manBody = 0;
        double ladyBody = 0;
        if (!work.blocks().isEmpty()) {
            Block first = work.blocks().get(0);
            manBody = first.danced().ledger().of(Role.MAN).start().sixteenths();
            ladyBody = first.danced().ledger().of(Role.LADY).start().sixteenths();
            stops.add(new StopView(0, 0, PlaceView.of(man.towards(lady, 0.5)), manBody, ladyBody));
        }
        List<Footfall> falls = plan.footfalls();
        for (int i = 0; i < falls.size(); i++) {
            Footfall fall = falls.get(i);
            if (fall.role() == Role.MAN) {
                man = fall.centre();
                manBody = fall.body();
            } else {
                lady = fall.centre();
                ladyBody = fall.body();
            }
            boolean lastOfItsBeat = i + 1 == falls.size() || falls.get(i + 1).onset() > fall.onset();
            if (lastOfItsBeat) {
                stops.add(new StopView(
                        fall.end(),
                        blockAt(work, fall.onset()),
                        PlaceView.of(man.towards(lady, 0.5)),
                        manBody,
                        ladyBody));
            }
        }
        return stops;
    }

    private static int blockAt(RoutineWork work, double beat) {
        int index = 0;
        for (int i = 0; i < work.blocks().size(); i++)
            if (work.blocks().get(i).start().toDouble() <= beat) index = i;
        return index;
    }

    private static List<String> floorNotes(Hall hall, RoutineWork work, FloorPlan plan) {
        List<String> notes = new ArrayList<>();
        int told = -1;
        for (Footfall fall : plan.footfalls()) {
            int block = blockAt(work, fall.onset());
            double outside = hall.outside(fall.place());
            if (outside > 0.01 && block != told) {
                told = block;
                notes.add(String.format(
                        Locale.ROOT,
                        "%s (bar %d) leaves the floor by %.1f m.",
                        work.blocks().get(block).danced().name(),
                        work.blocks().get(block).bar(),
                        Math.max(outside, 0.1)));
            }
        }
        return notes;
    }

    private static NextView next(Successor successor, int beatsPerBar) {
        Danceable figure = successor.figure();
        return new NextView(
                figure.name(),
                RoutineDraft.PlacedDraft.of(figure.figure().id(), figure.use(), false),
                figure.chart().length().toDouble() / beatsPerBar,
                figure.figure().identity().levels().values().stream()
                        .findFirst()
                        .map(l -> l.name().toLowerCase(Locale.ROOT))
                        .orElse(""),
                verdict(successor.link()),
                successor.customary(),
                successor.leadsOn(),
                successor.link().adjustments().stream()
                        .findFirst()
                        .map(RoutineWorkView::adjustment)
                        .orElse(null));
    }
}
