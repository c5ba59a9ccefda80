package fluidframe.core.plan;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.CancellationException;

/**
 * Composes routines of one dance from a plan: the best by a stated score, exactly, and how many there are in all. The work grows
 * with bars times links times what has to be counted on the way. The same plan always has the same answer.
 */
public final class Composer {
    /** The share of the work after which the best are found and the routines still to be counted. */
    private static final double FOUND = 0.6;

    private final PlanGraph graph;
    private final Drills drills;

    private Composer(PlanGraph graph, Drills drills) {
        this.graph = graph;
        this.drills = drills;
    }

    /** Works out the graph of the dance; to be kept as long as its charts stay as they are. */
    public static Composer of(Repertoire repertoire, Dance dance) {
        return new Composer(PlanGraph.of(repertoire, dance), Drills.of(repertoire.of(dance)));
    }

    /** How many ways of dancing figures, on how many alignments, there are to choose from. */
    public int places() {
        return graph.size();
    }

    /** The shortest practice loops through a figure, as {@link Loops} finds them. */
    public List<Loops.Loop> loops(String figureId, int most) {
        return new Loops(graph).through(figureId, most);
    }

    /** The short chains through a figure that can be danced again in any direction, as {@link Drills} finds them. */
    public List<Drill> drills(String figureId, int mostFigures) {
        return drills.through(figureId, mostFigures);
    }

    public Composition compose(Plan plan) {
        return compose(plan, Watch.NOBODY);
    }

    /**
     * The best routines and their number; where there is none, the smallest set of conditions that contradict each other.
     *
     * @param watch told how far the work is, and asked now and then; once it is given up the work ends with a {@link
     *     CancellationException}
     * @throws IllegalArgumentException if the plan names a figure that the dance has not, or counts more than can be kept
     */
    public Composition compose(Plan plan, Watch watch) {
        return compose(plan, 0, watch).composition();
    }

    /**
     * The same with no figure danced more often than so many times, but where the plan itself says otherwise of one.
     *
     * @param eachAtMost 0 for as often as fits
     */
    public Variety compose(Plan plan, int eachAtMost, Watch watch) {
        if (eachAtMost < 0) {
            throw new IllegalArgumentException("Every figure must be allowed 0 times or more, but was " + eachAtMost);
        }
        if (plan.ground().isPresent()) return onGround(plan, eachAtMost, watch);
        Refinement refinement = new Refinement(graph, plan, eachAtMost);
        List<Composition.Proposal> best = refinement.apart(watch.between(0, FOUND)).stream()
                .map(found -> found.proposal(Optional.empty()))
                .toList();
        BigInteger count = new PlanSearch(graph, plan, watch.between(FOUND, 1)).count();
        List<Condition> against = best.isEmpty() ? contradiction(refinement.limited(), watch) : List.of();
        return new Variety(
                new Composition(best, count, against, OptionalInt.empty()),
                refinement.added(),
                refinement.kept(),
                refinement.proven());
    }

    /** Where nothing is found, what contradicts itself without the floor is said, or that the floor is what cannot be kept. */
    private Variety onGround(Plan plan, int eachAtMost, Watch watch) {
        if (!graph.dance().isMoving()) {
            throw new IllegalArgumentException(
                    graph.dance() + " stays where it begins: it needs no way round the floor");
        }
        PlanSearch search = new PlanSearch(graph, plan.on(Optional.empty()).wanting(1), watch);
        GroundTask task = new GroundTask(graph, plan, eachAtMost, search.usable(), search.starts());
        Composition found = new GroundComposer(task, watch).compose(bestAnywhere(plan, eachAtMost, watch));
        if (!found.best().isEmpty()) return new Variety(found, Map.of(), true, false);
        Plan anywhere = plan.on(Optional.empty());
        if (new PlanSearch(graph, anywhere, watch::isGivenUp).count().signum() == 0) {
            Composition none =
                    new Composition(List.of(), BigInteger.ZERO, contradiction(anywhere, watch), OptionalInt.empty());
            return new Variety(none, Map.of(), true, false);
        }
        List<Condition> floor =
                new ArrayList<>(List.of(new Condition.StaysOn(plan.ground().orElseThrow())));
        if (plan.closes()) floor.add(new Condition.Closes());
        floor.add(new Condition.Lasts(plan.bars()));
        return new Variety(new Composition(List.of(), BigInteger.ZERO, floor, found.bound()), Map.of(), true, false);
    }

    /** The best without a floor, which may happen to stay on it; none for a round, or if a figure comes too often in it. */
    private List<Found> bestAnywhere(Plan plan, int eachAtMost, Watch watch) {
        if (plan.closes()) return List.of();
        Refinement refinement = new Refinement(graph, plan.on(Optional.empty()).wanting(1), eachAtMost);
        List<Found> best = refinement.best(new int[graph.figures().size()], watch::isGivenUp);
        return refinement.kept() ? best : List.of();
    }

    /** Takes conditions away one by one as long as nothing is possible; what cannot be taken away contradicts itself. */
    private List<Condition> contradiction(Plan plan, Watch watch) {
        List<Condition> kept = new ArrayList<>();
        Plan left = plan;
        for (Condition condition : Condition.of(plan)) {
            Plan without = condition.without(left);
            if (new PlanSearch(graph, without, watch::isGivenUp).count().signum() == 0) left = without;
            else kept.add(condition);
        }
        kept.add(new Condition.Lasts(plan.bars()));
        return kept;
    }
}
