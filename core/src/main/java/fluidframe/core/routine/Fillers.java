package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.direction.Direction;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Linker;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What can stand in one place of a routine with an exact length: the same ends, other figures. Serves for replacing figures
 * by others, for filling a gap of the music and for shortening.
 */
public final class Fillers {
    /** A longer chain is a routine of its own, and the work grows with every figure. */
    private static final int MOST_FIGURES = 4;
    /** What a corner turns the couple, in sixteenths. */
    private static final int QUARTER = Direction.CORNER_SIXTEENTHS;
    /** Far more than is shown, so that the best of them are among them. */
    private static final int MOST_FOUND = 400;

    private final RoutineWork work;
    private final DanceGraph graph;
    private final int to;
    private final List<List<Danceable>> found = new ArrayList<>();

    private Fillers(RoutineWork work, int to) {
        this.work = work;
        this.graph = work.repertoire().graph(work.dance());
        this.to = to;
    }

    /**
     * Chains of up to four figures that can be danced instead of blocks {@code from} (from 0) up to but without {@code to},
     * every join as it stands; a corner taken before block {@code from} is taken before the chain. The same number of blocks
     * comes first, then fewer figures.
     *
     * @param length how long the chain has to be; zero gives the empty chain if the blocks can simply be left out
     * @param most how many at most
     */
    public static List<List<Danceable>> of(RoutineWork work, int from, int to, Beats length, int most) {
        List<Block> blocks = work.blocks();
        if (from < 0 || to > blocks.size() || from > to) {
            throw new IllegalArgumentException(
                    "Figures " + (from + 1) + " to " + to + " must be in the routine, which has " + blocks.size());
        }
        if (blocks.subList(from, to).stream().anyMatch(Block::isFree)) return List.of();
        Fillers fillers = new Fillers(work, to);
        if (from > 0 && !blocks.get(from - 1).isFree()) {
            Block before = blocks.get(from - 1);
            // A corner before the place stays there: on the next side the couple stands a quarter turn further round.
            boolean corner = from < blocks.size() && from < to && work.takesCorner(from);
            DanceGraph.Place place = new DanceGraph.Place(
                    before.danced(),
                    Math.floorMod(before.rotation() + (corner ? QUARTER : 0), Direction.SIXTEENTHS),
                    before.start().remainder(work.dance().bar()));
            fillers.extend(List.of(), place, length);
        } else {
            fillers.begin(length);
        }
        List<Danceable> now =
                blocks.subList(from, to).stream().map(Block::danced).toList();
        return fillers.found.stream()
                .filter(chain -> !chain.equals(now))
                .sorted(Comparator.comparingInt(chain -> Math.abs(chain.size() - now.size()) * 10 + chain.size()))
                .limit(most)
                .toList();
    }

    private void begin(Beats length) {
        for (Danceable first : work.repertoire().of(work.dance())) {
            if (first.use().part().isPresent() || first.use().variant().isPresent()) continue;
            if (first.length().compareTo(length) > 0) continue;
            Beats left = length.minus(first.length());
            extend(List.of(first), new DanceGraph.Place(first, 0, first.chart().startBeat()), left);
        }
    }

    private void extend(List<Danceable> chain, DanceGraph.Place place, Beats left) {
        if (found.size() >= MOST_FOUND) return;
        if (left.isZero()) {
            if (leadsOn(place)) found.add(chain);
            return;
        }
        if (chain.size() == MOST_FIGURES) return;
        for (DanceGraph.Step step : graph.after(place)) {
            if (step.adjusted().cost() != 0) continue;
            Danceable next = step.to().danced();
            boolean itself =
                    !chain.isEmpty() && chain.get(chain.size() - 1).figure().equals(next.figure());
            if (next.length().compareTo(left) > 0 || itself) continue;
            List<Danceable> longer = new ArrayList<>(chain);
            longer.add(next);
            extend(longer, step.to(), left.minus(next.length()));
        }
    }

    /** The next block must be danced just as it stands now, so that nothing after it changes. */
    private boolean leadsOn(DanceGraph.Place place) {
        if (to == work.blocks().size()) return true;
        Block next = work.blocks().get(to);
        if (next.isFree()) return true;
        Arrival arrival = Arrival.after(place.danced(), place.rotation(), place.beat());
        Link link = Linker.link(work.takesCorner(to) ? arrival.afterCorner() : arrival, next.danced());
        boolean same = !work.dance().isMoving() || link.rotation() == next.rotation();
        return link.verdict() == Link.Verdict.YES && same;
    }
}
