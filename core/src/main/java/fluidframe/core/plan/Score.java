package fluidframe.core.plan;

import fluidframe.core.plan.PlanGraph.Edge;
import fluidframe.core.plan.PlanGraph.Node;

/**
 * What a plan finds worth how much, part by part. Everything is in tenths, since travel counts by the decimetre; times are in
 * units of the graph.
 */
final class Score {
    private static final int TENTHS = 10;

    private final Weights weights;
    private final int phrase;
    private final boolean[] highlights;

    Score(PlanGraph graph, Plan plan) {
        this.weights = plan.weights();
        this.phrase = plan.phraseBars() * graph.unitsPerBar();
        this.highlights = new boolean[graph.figures().size()];
        for (int figure = 0; figure < highlights.length; figure++) {
            highlights[figure] = plan.highlights().contains(graph.figures().get(figure));
        }
    }

    private int customary(Edge edge) {
        return edge.customary() ? weights.customary() * TENTHS : 0;
    }

    private int highlight(Node node, int time) {
        return highlights[node.figure()] && time % phrase == 0 ? weights.highlight() * TENTHS : 0;
    }

    private int variety(Node from, Node to) {
        return from.figure() == to.figure() ? -weights.variety() * TENTHS : 0;
    }

    private int travel(Node node) {
        return node.travel() * weights.travel();
    }

    private int sides(Node from, Node to) {
        return from.side() * to.side() < 0 ? weights.sides() * TENTHS : 0;
    }

    /** What dancing a figure is worth that begins at a time. */
    int of(Node node, int time) {
        return highlight(node, time) + travel(node);
    }

    /** What going from one figure to another is worth. */
    int of(Node from, Edge edge, Node to) {
        return customary(edge) + variety(from, to) + sides(from, to);
    }

    /** The same for a whole routine, each part by itself. */
    Composition.Parts parts(Node[] nodes, Edge[] edges) {
        int customary = 0;
        int highlight = 0;
        int variety = 0;
        int travel = 0;
        int sides = 0;
        int time = 0;
        for (int i = 0; i < nodes.length; i++) {
            highlight += highlight(nodes[i], time);
            travel += travel(nodes[i]);
            time += nodes[i].length();
            if (i == 0) continue;
            customary += customary(edges[i - 1]);
            variety += variety(nodes[i - 1], nodes[i]);
            sides += sides(nodes[i - 1], nodes[i]);
        }
        return new Composition.Parts(
                customary / TENTHS,
                highlight / TENTHS,
                variety / TENTHS,
                Math.floorDiv(travel, TENTHS),
                sides / TENTHS);
    }
}
