package fluidframe.core.plan;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;

/**
 * Composes routines of one dance from a plan: the best by a stated score, exactly, and how many there are in all. The work grows
 * with bars times links times what has to be counted on the way. The same plan always has the same answer.
 */
public final class Composer {
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
        PlanSearch search = new PlanSearch(graph, plan, watch);
        BigInteger count = search.count();
        if (count.signum() > 0) return new Composition(search.best(), count, List.of());
        return new Composition(List.of(), count, contradiction(plan, watch));
    }

    /**
     * The same with no figure danced more often than so many times, but where the plan itself says otherwise of one.
     *
     * @param eachAtMost 1 or more
     */
    public Variety compose(Plan plan, int eachAtMost, Watch watch) {
        if (eachAtMost < 1) {
            throw new IllegalArgumentException("Every figure must be allowed once or more, but was " + eachAtMost);
        }
        return Variety.of(this, plan, eachAtMost, watch);
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
