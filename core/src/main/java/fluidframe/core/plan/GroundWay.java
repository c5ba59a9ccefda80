package fluidframe.core.plan;

import java.util.ArrayList;
import java.util.List;

/** A way over a floor: one figure more than the way before it. Kept as a chain, since most ways share their beginnings. */
final class GroundWay {
    final GroundWay before;
    final PlanGraph.Edge edge;
    final int node;
    final int figure;
    final Spot at;
    /** What of the required has been danced. */
    final int mask;
    /** In tenths. */
    final int score;
    /** Decimetres along the line of dance. */
    final int travel;
    /** How far along its side it came on to it. */
    final int entered;
    /** How far along the first side it left it. */
    final int leftFirst;

    private byte[] times;
    /** What the whole of it can be worth at the most. */
    int atMost;

    /** What one more figure adds. */
    record Added(int mask, int score, int travel) {}

    /** A beginning. */
    GroundWay(int node, int figure, Spot at, Added added) {
        this(null, null, node, figure, at, added, 0, 0);
    }

    private GroundWay(
            GroundWay before,
            PlanGraph.Edge edge,
            int node,
            int figure,
            Spot at,
            Added added,
            int entered,
            int leftFirst) {
        this.before = before;
        this.edge = edge;
        this.node = node;
        this.figure = figure;
        this.at = at;
        this.mask = added.mask();
        this.score = added.score();
        this.travel = added.travel();
        this.entered = entered;
        this.leftFirst = leftFirst;
    }

    /** One figure more, with what that makes of mask, score and travel. */
    GroundWay then(PlanGraph.Edge by, int next, Spot to, Added now) {
        boolean corner = to.side() != at.side();
        return new GroundWay(
                this,
                by,
                by.to(),
                next,
                to,
                now,
                corner ? at.afterCorner().along() : entered,
                corner && at.side() == 0 ? at.along() : leftFirst);
    }

    /** How often a figure has been danced. Counted when first asked: most ways are never gone on with. */
    int times(int asked, int figures) {
        if (times == null) {
            times = before == null || before.times == null ? new byte[figures] : before.times.clone();
            times[figure]++;
        }
        return times[asked];
    }

    /** Whether one more figure would end a pair danced a second time in a row. */
    boolean isPairAgain(int next) {
        if (before == null || before.before == null) return false;
        return figure != next && before.figure == next && before.before.figure == figure;
    }

    Found found(PlanGraph graph, Score score) {
        List<Integer> nodes = new ArrayList<>();
        List<PlanGraph.Edge> edges = new ArrayList<>();
        for (GroundWay way = this; way != null; way = way.before) {
            nodes.add(0, way.node);
            if (way.edge != null) edges.add(0, way.edge);
        }
        return Found.of(graph, nodes, edges, score);
    }
}
