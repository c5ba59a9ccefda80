package fluidframe.core.routine;

import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Linker;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Searches the ways out of every block of one routine. A routine repeats itself, and thousands of ways end in the same places,
 * so that what may follow a place and whether a block can be danced from it are worked out once; a second figure is tried only
 * where both together may still be shorter than the best found.
 */
final class WaysOut {
    /** A couple that keeps within this many metres of its place runs into nobody. */
    private static final double ROOM_METRES = 1.3;

    /** How many figures may be left out to get back; further on the routine is another. */
    private static final int MOST_SKIPPED = 3;

    /** A figure danced from a place, with or without the corner first. */
    private record Onward(DanceGraph.Place from, Danceable next, boolean corner) {}

    private final RoutineWork work;
    private final DanceGraph graph;
    private final Map<DanceGraph.Place, List<DanceGraph.Place>> safe = new HashMap<>();
    private final Map<DanceGraph.Place, Arrival> arrivals = new HashMap<>();
    private final Map<Onward, Optional<Integer>> rotations = new HashMap<>();

    WaysOut(RoutineWork work) {
        this.work = work;
        this.graph = work.repertoire().graph(work.dance());
    }

    List<Optional<WayOut>> find() {
        List<Optional<WayOut>> found = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            found.add(work.blocks().get(i).isFree() ? Optional.empty() : of(i));
        }
        return found;
    }

    private Optional<WayOut> of(int index) {
        Block block = work.blocks().get(index);
        WayOut best = null;
        for (Danceable first : leaving(block)) {
            Optional<Danceable> cut = first == block.danced() ? Optional.empty() : Optional.of(first);
            DanceGraph.Place place = new DanceGraph.Place(
                    first,
                    block.rotation(),
                    block.start().remainder(work.dance().bar()));
            for (DanceGraph.Place one : safe(place)) {
                if (isLonger(best, length(one))) break;
                best = better(best, index, cut, List.of(one.danced()), one);
                for (DanceGraph.Place two : safe(one)) {
                    if (isLonger(best, length(one).plus(length(two)))) break;
                    best = better(best, index, cut, List.of(one.danced(), two.danced()), two);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static Beats length(DanceGraph.Place place) {
        return place.danced().length();
    }

    private static boolean isLonger(WayOut best, Beats beats) {
        return best != null && beats.compareTo(best.beats()) > 0;
    }

    /** Among equals the one found first. */
    private WayOut better(
            WayOut best, int index, Optional<Danceable> cut, List<Danceable> instead, DanceGraph.Place end) {
        Optional<Integer> rejoin = rejoin(index, end);
        if (rejoin.isEmpty()) return best;
        WayOut way = WayOut.of(index, cut, instead, rejoin.get());
        return best == null || WayOut.compare(way, best) < 0 ? way : best;
    }

    /** The figure as placed, and the parts of it that begin where it begins. */
    private List<Danceable> leaving(Block block) {
        List<Danceable> leaving = new ArrayList<>(List.of(block.danced()));
        if (!block.danced().use().equals(FigureUse.WHOLE)) return leaving;
        for (Danceable use : work.repertoire().usesOf(block.danced().figure().id())) {
            boolean fromTheStart = use.use()
                    .part()
                    .flatMap(id -> use.figure().parts().stream()
                            .filter(p -> p.id().equals(id))
                            .findFirst())
                    .filter(part -> part.from() == 1)
                    .isPresent();
            if (fromTheStart) leaving.add(use);
        }
        return leaving;
    }

    /** What can be danced on a small place just as it is charted, the shortest first. */
    private List<DanceGraph.Place> safe(DanceGraph.Place from) {
        return safe.computeIfAbsent(
                from,
                place -> graph.after(place).stream()
                        .filter(step -> step.adjusted().cost() == 0)
                        .map(DanceGraph.Step::to)
                        .filter(to -> to.danced().reach() <= ROOM_METRES)
                        .sorted(Comparator.comparing(WaysOut::length))
                        .toList());
    }

    /** The first block after this one, with no corner left out, that can be danced now just as it stands in the routine. */
    private Optional<Integer> rejoin(int blocked, DanceGraph.Place place) {
        List<Block> blocks = work.blocks();
        for (int to = blocked + 1; to < Math.min(blocks.size(), blocked + 2 + MOST_SKIPPED); to++) {
            Block next = blocks.get(to);
            if (next.isFree()) return Optional.of(to);
            boolean corner = work.takesCorner(to);
            Optional<Integer> rotation = rotation(new Onward(place, next.danced(), corner));
            boolean asItStands =
                    rotation.isPresent() && (!work.dance().isMoving() || rotation.get() == next.rotation());
            if (asItStands) return Optional.of(to);
            if (corner) return Optional.empty();
        }
        return Optional.empty();
    }

    /** How the figure is turned when it is danced from there; empty if it cannot be as it is charted. */
    private Optional<Integer> rotation(Onward onward) {
        return rotations.computeIfAbsent(onward, key -> {
            Arrival arrival = arrivals.computeIfAbsent(
                    key.from(), place -> Arrival.after(place.danced(), place.rotation(), place.beat()));
            Link link = Linker.link(key.corner() ? arrival.afterCorner() : arrival, key.next());
            return link.verdict() == Link.Verdict.YES ? Optional.of(link.rotation()) : Optional.empty();
        });
    }
}
