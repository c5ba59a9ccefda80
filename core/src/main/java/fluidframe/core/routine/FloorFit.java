package fluidframe.core.routine;

import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Dance;
import fluidframe.core.direction.TurnText;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * How an existing routine can be kept on its floor: begun elsewhere or in another direction, with another stride, with a corner
 * more or less, with a figure turned more or less at its end. The fewest and smallest changes come first, and no change breaks
 * a join that holds.
 */
public final class FloorFit {
    /** An eighth, in sixteenths: what is turned more or less at the end of a figure. */
    private static final int EIGHTH = 2;
    /** Strides to try, in metres more or less; beyond that a couple dances another routine. */
    private static final double[] STRIDES = {-0.05, 0.05, -0.1};
    /** Metres; a couple hardly feels less. */
    private static final double SMALL_STRIDE = 0.06;
    /** Of the single changes so many are tried together, two and two. */
    private static final int TOGETHER = 14;

    /** Figures worked out at the most over all changes, single or together: a second or two. */
    private static final int MOST_WORK = 12_000;

    private static final double SHORTEST_STRIDE = 0.3;
    private static final double LONGEST_STRIDE = 1.2;
    private static final int FIGURE_COST = 2;
    private static final double EPSILON = 1e-6;

    private final Dance dance;
    private final Repertoire repertoire;
    private final Hall hall;
    private final int broken;
    private final int missing;

    private FloorFit(Dance dance, Repertoire repertoire, Hall hall, RoutineWork work) {
        this.dance = dance;
        this.repertoire = repertoire;
        this.hall = hall;
        this.broken = broken(work);
        this.missing = work.missing();
    }

    /** A routine as it would be danced. */
    private record State(List<Placed> placed, Stride stride, int startTurn) {}

    /** One way to change a routine. */
    private record Change(String words, int cost, UnaryOperator<State> made) {
        Change and(Change other) {
            return new Change(
                    other.words + ", and " + words, cost + other.cost, state -> made.apply(other.made.apply(state)));
        }
    }

    /**
     * A proposal.
     *
     * @param changes what is done, in plain words; first where it begins
     * @param placed what is then danced
     * @param hall the floor with the new start
     * @param stride the stride
     * @param startTurn by how many sixteenths the first figure is turned, 0 to 15
     * @param outsideMetres by how much somebody still leaves the floor, 0 if nobody does
     */
    public record Proposal(
            List<String> changes, List<Placed> placed, Hall hall, Stride stride, int startTurn, double outsideMetres) {
        public Proposal {
            changes = List.copyOf(changes);
            placed = List.copyOf(placed);
        }
    }

    private record Tried(List<Change> changes, State state, Point start, double outside) {
        int cost() {
            return changes.stream().mapToInt(Change::cost).sum();
        }
    }

    /**
     * Proposals for a routine, the simplest first; if nothing keeps it on the floor, those that leave it least.
     *
     * @param most how many at the most
     */
    public static List<Proposal> of(
            Dance dance,
            List<Placed> placed,
            Repertoire repertoire,
            Hall hall,
            Stride stride,
            int startTurn,
            int most) {
        RoutineWork work = RoutineWork.of(dance, placed, repertoire, startTurn);
        if (work.blocks().stream().allMatch(Block::isFree)) return List.of();
        FloorFit fit = new FloorFit(dance, repertoire, hall, work);
        return fit.proposals(new State(placed, stride, startTurn), work, most);
    }

    private static int broken(RoutineWork work) {
        return (int) work.junctions().stream().filter(Junction::isBroken).count();
    }

    private List<Proposal> proposals(State begun, RoutineWork work, int most) {
        List<Tried> tried = new ArrayList<>();
        Tried asItIs = tried(List.of(), begun);
        tried.add(asItIs);
        List<Tried> singles = new ArrayList<>();
        // Every change is worked out over the whole routine: of a very long one fewer are tried.
        int budget = Math.max(1, MOST_WORK / begun.placed().size());
        boolean stays = asItIs.outside() <= EPSILON;
        List<Change> changes = changes(begun, work, stays);
        for (Change change : changes.subList(0, Math.min(budget, changes.size()))) add(singles, List.of(change), begun);
        singles.sort(Comparator.comparingDouble(Tried::outside).thenComparingInt(Tried::cost));
        tried.addAll(singles);
        boolean enough = tried.stream().filter(one -> one.outside() <= EPSILON).count() >= most;
        boolean quick = TOGETHER * (TOGETHER - 1) / 2 <= budget;
        if (!enough && !stays && quick) tried.addAll(pairs(singles, begun));
        List<Tried> fitting =
                tried.stream().filter(one -> one.outside() <= EPSILON).toList();
        Comparator<Tried> simplest = Comparator.comparingInt(Tried::cost);
        return (fitting.isEmpty() ? tried : fitting)
                .stream()
                        .sorted(
                                fitting.isEmpty()
                                        ? Comparator.comparingDouble(Tried::outside)
                                                .thenComparing(simplest)
                                        : simplest)
                        .limit(most)
                        .map(this::proposal)
                        .toList();
    }

    private List<Tried> pairs(List<Tried> singles, State begun) {
        List<Tried> pairs = new ArrayList<>();
        List<Change> best = singles.stream()
                .limit(TOGETHER)
                .map(one -> one.changes().get(0))
                .toList();
        for (int one = 0; one < best.size(); one++) {
            for (int other = one + 1; other < best.size(); other++) {
                add(pairs, List.of(best.get(one), best.get(other)), begun);
            }
        }
        return pairs;
    }

    private void add(List<Tried> into, List<Change> changes, State begun) {
        Tried tried = tried(changes, begun);
        if (tried != null) into.add(tried);
    }

    /** Null if a join is broken by it that holds as it is, or something cannot be danced so. */
    private Tried tried(List<Change> changes, State begun) {
        State state = begun;
        for (Change change : changes) state = change.made().apply(state);
        RoutineWork work = RoutineWork.of(dance, state.placed(), repertoire, state.startTurn());
        if (broken(work) > broken || work.missing() > missing) return null;
        FloorPath.Extent taken =
                FloorReport.of(work, hall, state.stride()).path().extent();
        double across = Math.max(0, taken.right() - taken.left() - hall.lengthMetres());
        double down = Math.max(0, taken.bottom() - taken.top() - hall.widthMetres());
        Point start = hall.start()
                .plus(new Point(
                        inside(taken.left(), taken.right(), hall.lengthMetres()),
                        inside(taken.top(), taken.bottom(), hall.widthMetres())));
        Point on = new Point(
                Math.max(0, Math.min(hall.lengthMetres(), start.x())),
                Math.max(0, Math.min(hall.widthMetres(), start.y())));
        return new Tried(changes, state, on, Math.max(across, down) / 2);
    }

    /** By how much a stretch has to be moved to lie within a length: not at all if it does, into the middle if it cannot. */
    private static double inside(double from, double to, double length) {
        if (to - from > length) return (length - from - to) / 2;
        if (from < 0) return -from;
        return Math.min(0, length - to);
    }

    private Proposal proposal(Tried tried) {
        List<String> words = new ArrayList<>();
        words.add(String.format(
                Locale.ROOT,
                "begin %.1f m along the first side, %.1f m from the far side",
                tried.start().x(),
                tried.start().y()));
        tried.changes().forEach(change -> words.add(change.words()));
        return new Proposal(
                words,
                tried.state().placed(),
                new Hall(hall.lengthMetres(), hall.widthMetres(), tried.start()),
                tried.state().stride(),
                tried.state().startTurn(),
                tried.outside());
    }

    /**
     * What can be tried.
     *
     * @param stays whether it is enough to begin elsewhere: then only another direction or corner is another way
     */
    private List<Change> changes(State begun, RoutineWork work, boolean stays) {
        List<Change> changes = new ArrayList<>(directions(begun, work));
        if (!stays) changes.addAll(strides(begun));
        for (int i = 0; i < begun.placed().size(); i++) {
            if (begun.placed().get(i) instanceof PlacedFigure figure
                    && !work.blocks().get(i).isFree()) {
                changes.addAll(corners(i, figure, begun.placed(), work));
                if (!stays) changes.addAll(otherwise(i, figure, work));
            }
        }
        return changes;
    }

    private static List<Change> strides(State begun) {
        List<Change> changes = new ArrayList<>();
        for (double by : STRIDES) {
            double metres = Math.round((begun.stride().metres() + by) * 100) / 100.0;
            if (metres < SHORTEST_STRIDE || metres > LONGEST_STRIDE) continue;
            changes.add(new Change(
                    "a stride of " + metres + " m",
                    Math.abs(by) > SMALL_STRIDE ? FIGURE_COST : 1,
                    state -> new State(state.placed(), new Stride(metres), state.startTurn())));
        }
        return changes;
    }

    private List<Change> directions(State begun, RoutineWork work) {
        Block first = work.blocks().get(0);
        if (first.isFree()) return List.of();
        Set<Integer> turns = dance.isMoving() ? new HashSet<>(first.danced().entryRotations()) : Set.of(4, 8, 12);
        return turns.stream()
                .filter(turn -> turn != begun.startTurn() && turn != first.rotation())
                .sorted()
                .map(turn -> new Change(
                        "begin turned by " + eighths(turn),
                        1,
                        state -> new State(state.placed(), state.stride(), turn)))
                .collect(Collectors.toList());
    }

    private static String eighths(int sixteenths) {
        int half = sixteenths > 8 ? 16 - sixteenths : sixteenths;
        return TurnText.amount(sixteenths > 8 ? -half : half);
    }

    /** A corner more or less before a figure, as it is or with the figure before it danced otherwise. */
    private List<Change> corners(int index, PlacedFigure figure, List<Placed> placed, RoutineWork work) {
        if (index == 0 || !dance.isMoving()) return List.of();
        List<Change> changes = new ArrayList<>();
        PlacedFigure turned = new PlacedFigure(figure.figureId(), figure.use(), !figure.corner(), figure.timing());
        Change corner = change(
                (figure.corner() ? "no corner before " : "the corner before ") + where(work, index), index, turned);
        changes.add(corner);
        if (work.blocks().get(index - 1).isFree()) return changes;
        if (placed.get(index - 1) instanceof PlacedFigure before) {
            for (Change other : otherwise(index - 1, before, work)) changes.add(corner.and(other));
        }
        return changes;
    }

    private String where(RoutineWork work, int index) {
        Block block = work.blocks().get(index);
        return block.name() + " (bar " + block.bar(dance.bar()) + ")";
    }

    /** An eighth more or less at its end, or another variant of the same length. */
    private List<Change> otherwise(int index, PlacedFigure figure, RoutineWork work) {
        List<Change> changes = new ArrayList<>();
        Danceable danced = work.blocks().get(index).danced();
        for (int by : new int[] {-EIGHTH, EIGHTH}) {
            int turn = danced.use().lastTurnSixteenths() + by;
            if (Math.abs(turn) > EIGHTH) continue;
            String much = by > 0 ? "1/8 more at the end of " : "1/8 less at the end of ";
            changes.add(change(
                    much + where(work, index), index, with(figure, figure.use().withLastTurn(turn))));
        }
        for (Danceable variant : repertoire.usesOf(figure.figureId())) {
            boolean another = variant.use().part().equals(danced.use().part())
                    && !variant.use().variant().equals(danced.use().variant())
                    && variant.use().times().equals(danced.use().times())
                    && variant.length().equals(danced.length());
            if (another) {
                String words = variant.name() + " instead of " + where(work, index);
                changes.add(change(words, index, with(figure, variant.use())));
            }
        }
        return changes;
    }

    private static PlacedFigure with(PlacedFigure figure, FigureUse use) {
        return new PlacedFigure(figure.figureId(), use, figure.corner(), figure.timing());
    }

    private static Change change(String words, int index, PlacedFigure figure) {
        return new Change(words, FIGURE_COST, state -> {
            List<Placed> placed = new ArrayList<>(state.placed());
            placed.set(index, figure);
            return new State(placed, state.stride(), state.startTurn());
        });
    }
}
