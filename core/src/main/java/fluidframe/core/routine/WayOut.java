package fluidframe.core.routine;

import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Linker;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What to dance when another couple stands in the way: leave the figure, whole or after a part of it, dance something that
 * keeps to a small place, and go on with the routine as it is charted.
 *
 * @param block in which block the couple is blocked, from 0
 * @param cut the part of its figure that is danced before leaving; empty for all of it
 * @param instead what is danced then, one or two figures
 * @param rejoin at which block the routine goes on
 * @param beats how long the figures danced instead last
 */
public record WayOut(int block, Optional<Danceable> cut, List<Danceable> instead, int rejoin, Beats beats) {
    /** A couple that keeps within this many metres of its place runs into nobody. */
    private static final double ROOM_METRES = 1.3;

    private static final int MOST_SKIPPED = 3;

    public WayOut {
        instead = List.copyOf(instead);
    }

    /** The shortest way out of each block, empty for free elements and where none of one or two figures leads back. */
    public static List<Optional<WayOut>> of(RoutineWork work) {
        List<Optional<WayOut>> found = new ArrayList<>();
        DanceGraph graph = work.repertoire().graph(work.dance());
        for (int i = 0; i < work.blocks().size(); i++) {
            found.add(work.blocks().get(i).isFree() ? Optional.empty() : of(work, graph, i));
        }
        return found;
    }

    private static Optional<WayOut> of(RoutineWork work, DanceGraph graph, int index) {
        Block block = work.blocks().get(index);
        List<WayOut> ways = new ArrayList<>();
        for (Danceable first : leaving(work, block)) {
            Optional<Danceable> cut = first == block.danced() ? Optional.empty() : Optional.of(first);
            DanceGraph.Place place = new DanceGraph.Place(
                    first,
                    block.rotation(),
                    block.start().remainder(work.dance().bar()));
            for (DanceGraph.Step step : safe(graph, place)) {
                rejoin(work, index, step.to())
                        .ifPresent(
                                to -> ways.add(way(index, cut, List.of(step.to().danced()), to)));
                for (DanceGraph.Step second : safe(graph, step.to())) {
                    rejoin(work, index, second.to())
                            .ifPresent(to -> ways.add(way(
                                    index,
                                    cut,
                                    List.of(step.to().danced(), second.to().danced()),
                                    to)));
                }
            }
        }
        return ways.stream().min(WayOut::compare);
    }

    private static int compare(WayOut one, WayOut other) {
        int shorter = one.beats.compareTo(other.beats);
        if (shorter != 0) return shorter;
        int sooner = Integer.compare(one.rejoin, other.rejoin);
        if (sooner != 0) return sooner;
        return Integer.compare(one.instead.size(), other.instead.size());
    }

    private static WayOut way(int block, Optional<Danceable> cut, List<Danceable> instead, int rejoin) {
        Beats beats = Beats.ZERO;
        for (Danceable figure : instead) beats = beats.plus(figure.chart().length());
        return new WayOut(block, cut, instead, rejoin, beats);
    }

    /** The figure as placed, and the parts of it that begin where it begins. */
    private static List<Danceable> leaving(RoutineWork work, Block block) {
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

    private static List<DanceGraph.Step> safe(DanceGraph graph, DanceGraph.Place from) {
        return graph.after(from).stream()
                .filter(step -> step.adjusted().cost() == 0)
                .filter(step -> step.to().danced().reach() <= ROOM_METRES)
                .toList();
    }

    /** The first block after this one, with no corner left out, that can be danced now just as it stands in the routine. */
    private static Optional<Integer> rejoin(RoutineWork work, int blocked, DanceGraph.Place place) {
        Arrival arrival = Arrival.after(place.danced(), place.rotation(), place.beat());
        List<Block> blocks = work.blocks();
        for (int to = blocked + 1; to < Math.min(blocks.size(), blocked + 2 + MOST_SKIPPED); to++) {
            Block next = blocks.get(to);
            if (next.isFree()) return Optional.of(to);
            boolean corner = work.takesCorner(to);
            Link link = Linker.link(corner ? arrival.afterCorner() : arrival, next.danced());
            boolean same = !work.dance().isMoving() || link.rotation() == next.rotation();
            if (link.verdict() == Link.Verdict.YES && same) return Optional.of(to);
            if (corner) return Optional.empty();
        }
        return Optional.empty();
    }
}
