package fluidframe.core.plan;

import fluidframe.core.routine.RoutineWork;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * Composes routines for a floor: for every beginning the ways round it are looked for, every one that is shown is worked out
 * step by step and proven to stay on the floor, and how good any can be is said beside it.
 */
final class GroundComposer {
    /** Ways kept for each side, pace and room: more for the first proposal, which is to be the best. */
    private static final int MANY = 2;

    private static final int FEW = 1;
    /** For one that few ways do not show. */
    private static final int MOST = 4;
    /** How often figures already shown are made dearer before a proposal that differs enough is given up. */
    private static final int TRIES = 4;

    private static final int DEARER = 40;
    /** How many ways are worked out step by step before a round is given up. */
    private static final int PROVEN = 40;

    private static final int TENTHS = 10;
    private static final double PRICED = 0.15;

    private final GroundTask task;
    private final Ground ground;
    private final Plan plan;
    private final Watch watch;

    GroundComposer(GroundTask task, Watch watch) {
        this.task = task;
        this.plan = task.plan();
        this.ground = plan.ground().orElseThrow();
        this.watch = watch;
    }

    /** A way found and proven. */
    private record Proven(Found found, Laid laid) {
        int score() {
            return found.parts().sum();
        }
    }

    /** What was found for rounds of so many corners. */
    private record Rounds(GroundPrices prices, int corners) {}

    /**
     * Composes.
     *
     * @param anywhere the best without the floor, to be tried first; may be none
     */
    Composition compose(List<Found> anywhere) {
        List<Proven> chosen = new ArrayList<>();
        anywhere.stream().map(this::prove).flatMap(Optional::stream).forEach(chosen::add);
        OptionalInt bound = OptionalInt.empty();
        // Half a lap danced twice always closes, so it is looked for first.
        int[] corners = plan.closes() ? new int[] {GroundTask.HALF_LAP, GroundTask.WHOLE_LAP} : new int[] {-1};
        for (int each : corners) {
            if (plan.closes() && !chosen.isEmpty() || each > 0 && task.round(each) > farthest()) continue;
            GroundPrices prices = GroundPrices.of(task, each, watch);
            if (prices.bound() == GroundBounds.NEVER) continue;
            Rounds kind = new Rounds(prices, each);
            bound = OptionalInt.of(Math.max(bound.orElse(Integer.MIN_VALUE), bound(kind)));
            watch.reached(PRICED);
            while (chosen.size() < plan.wanted()) {
                Optional<Proven> next = next(kind, chosen);
                if (next.isEmpty()) break;
                chosen.add(next.get());
                watch.reached(PRICED + (1 - PRICED) * chosen.size() / plan.wanted());
            }
        }
        chosen.sort(Comparator.comparingInt(one -> -one.score()));
        return new Composition(
                chosen.stream()
                        .map(one -> one.found().proposal(Optional.of(one.laid())))
                        .toList(),
                BigInteger.valueOf(chosen.size()),
                List.of(),
                bound);
    }

    /** How far anything can travel in the time of the plan, in decimetres. */
    private double farthest() {
        int[] none = new int[task.graph().figures().size()];
        GroundBounds bounds = new GroundBounds(task, new Score(task.graph(), plan, none), 0);
        return IntStream.of(task.starts())
                .mapToDouble(start -> task.footings().begun(start).length()
                        + bounds.way(
                                Math.max(
                                        0,
                                        task.units() - task.graph().node(start).length()),
                                start))
                .max()
                .orElse(0);
    }

    private int bound(Rounds kind) {
        int travel = kind.corners() < 0 ? (int) farthest() : task.longestRound(kind.corners());
        Score score = kind.prices().score();
        return Math.floorDiv(kind.prices().bound() + score.ofTravel(travel), TENTHS);
    }

    /** The best that differs enough from what has been chosen. */
    private Optional<Proven> next(Rounds kind, List<Proven> chosen) {
        if (chosen.isEmpty()) return next(kind, chosen, 0, MANY);
        for (int round = 0; round < TRIES; round++) {
            Optional<Proven> next = next(kind, chosen, DEARER << round, FEW);
            if (next.isPresent()) return next;
        }
        return next(kind, chosen, DEARER, MOST);
    }

    private Optional<Proven> next(Rounds kind, List<Proven> chosen, int dear, int each) {
        GroundPrices prices = kind.prices().dearer(task, dearer(chosen, dear));
        IntStream starts = IntStream.range(0, task.starts().length);
        // So many ways of two beginnings at once would want more memory than there is.
        List<Found> found = (each == MOST ? starts : starts.parallel())
                .mapToObj(start -> found(kind, prices, start, each))
                .flatMap(List::stream)
                .sorted(Comparator.comparingInt(one -> -one.parts().sum()))
                .toList();
        return found.stream()
                .filter(one -> differs(one, chosen))
                .limit(PROVEN)
                .map(this::prove)
                .flatMap(Optional::stream)
                .findFirst();
    }

    private List<Found> found(Rounds kind, GroundPrices prices, int start, int each) {
        return new GroundSearch(task, prices, start, kind.corners())
                .search(each, watch).stream()
                        .map(way -> way.found(task.graph(), prices.score()))
                        .toList();
    }

    private boolean differs(Found found, List<Proven> chosen) {
        return chosen.stream()
                .allMatch(other ->
                        !other.found().nodes().equals(found.nodes()) && found.apartFrom(other.found()) >= plan.apart());
    }

    private Optional<Proven> prove(Found found) {
        RoutineWork work = RoutineWork.of(
                task.graph().dance(), found.figures(), task.graph().repertoire());
        return Laid.of(work, ground, plan.closes())
                .filter(laid -> laid.keepsTo(ground))
                .map(laid -> new Proven(found, laid));
    }

    private int[] dearer(List<Proven> chosen, int dear) {
        int[] dearer = new int[task.graph().figures().size()];
        for (Proven one : chosen) {
            for (int figure : one.found().times().keySet()) {
                if (!plan.required().contains(task.graph().figures().get(figure))) dearer[figure] += dear;
            }
        }
        return dearer;
    }
}
