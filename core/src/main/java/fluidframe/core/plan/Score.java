package fluidframe.core.plan;

import fluidframe.core.plan.PlanGraph.Edge;
import fluidframe.core.plan.PlanGraph.Node;
import java.util.ArrayList;
import java.util.List;

/**
 * What a plan finds worth how much, part by part. Everything is in tenths, since travel counts by the decimetre; times are in
 * units of the graph.
 */
final class Score {
    private static final int TENTHS = 10;

    private final Weights weights;
    private final int phrase;
    private final boolean[] highlights;
    private final List<Stretch> stretches = new ArrayList<>();
    private final int hardest;
    private final int[] dearer;

    /** From one time to another a figure is to begin. */
    private record Stretch(int figure, int from, int to) {}

    /**
     * Scores a plan with some figures worth less than they are, so that something else is found.
     *
     * @param dearer tenths taken off each time a figure is danced, by its number in the graph
     */
    Score(PlanGraph graph, Plan plan, int[] dearer) {
        this.dearer = dearer.clone();
        this.weights = plan.weights();
        this.phrase = plan.phraseBars() * graph.unitsPerBar();
        this.highlights = new boolean[graph.figures().size()];
        for (int figure = 0; figure < highlights.length; figure++) {
            highlights[figure] = plan.highlights().contains(graph.figures().get(figure));
        }
        for (Plan.Moment moment : plan.moments()) {
            int from = moment.bar() * graph.unitsPerBar();
            stretches.add(new Stretch(
                    graph.figures().indexOf(moment.figure()), from, from + moment.bars() * graph.unitsPerBar()));
        }
        this.hardest = hardest(graph, plan);
    }

    /** The rank of the most difficult level that the plan may use; above every rank if all of it is equally difficult. */
    private static int hardest(PlanGraph graph, Plan plan) {
        int most = Integer.MIN_VALUE;
        int least = Integer.MAX_VALUE;
        for (int node = 0; node < graph.size(); node++) {
            String figure = graph.figures().get(graph.node(node).figure());
            int level = graph.node(node).level();
            if (level < 0 || !plan.allowed().isEmpty() && !plan.allowed().contains(figure)) continue;
            most = Math.max(most, level);
            least = Math.min(least, level);
        }
        return most > least ? most : Integer.MAX_VALUE;
    }

    private int customary(Edge edge) {
        return edge.customary() ? weights.customary() * TENTHS : 0;
    }

    private int highlight(Node node, int time) {
        boolean begins = highlights[node.figure()] && time % phrase == 0;
        return begins || isAsked(node, time) ? weights.highlight() * TENTHS : 0;
    }

    private boolean isAsked(Node node, int time) {
        for (Stretch stretch : stretches) {
            if (stretch.figure() == node.figure() && time >= stretch.from() && time < stretch.to()) return true;
        }
        return false;
    }

    private int build(Node node, int time) {
        return time == 0 && node.level() == hardest ? -weights.build() * TENTHS : 0;
    }

    private int change(Node from, Node to) {
        int changes = (from.position() != to.position() ? 1 : 0)
                + (from.level() >= 0 && to.level() >= 0 && from.level() != to.level() ? 1 : 0)
                + (from.turned() ? 1 : 0);
        return changes * weights.change() * TENTHS;
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
        return highlight(node, time) + build(node, time) + travel(node) - dearer[node.figure()];
    }

    /** What going from one figure to another is worth. */
    int of(Node from, Edge edge, Node to) {
        return customary(edge) + variety(from, to) + sides(from, to) + change(from, to);
    }

    /** What going on to a figure that begins at a time is worth but for the metres it travels. */
    int still(Node from, Edge edge, Node to, int time) {
        return of(from, edge, to) + of(to, time) - travel(to);
    }

    /** What travelling so many decimetres along the line of dance is worth. */
    int ofTravel(int decimetres) {
        return decimetres * weights.travel();
    }

    /** What it costs that a pair is danced a second time in a row. */
    int ofPairAgain() {
        return -weights.variety() * TENTHS;
    }

    /** The same for a whole routine, each part by itself. */
    Composition.Parts parts(Node[] nodes, Edge[] edges) {
        int customary = 0;
        int highlight = 0;
        int variety = 0;
        int travel = 0;
        int sides = 0;
        int change = 0;
        int build = nodes.length == 0 ? 0 : build(nodes[0], 0);
        int time = 0;
        for (int i = 0; i < nodes.length; i++) {
            highlight += highlight(nodes[i], time);
            travel += travel(nodes[i]);
            time += nodes[i].length();
            if (i == 0) continue;
            customary += customary(edges[i - 1]);
            variety += variety(nodes[i - 1], nodes[i]);
            sides += sides(nodes[i - 1], nodes[i]);
            change += change(nodes[i - 1], nodes[i]);
            if (Pairs.isAgain(nodes, i)) variety += ofPairAgain();
        }
        return new Composition.Parts(
                customary / TENTHS,
                highlight / TENTHS,
                variety / TENTHS,
                Math.floorDiv(travel, TENTHS),
                sides / TENTHS,
                change / TENTHS,
                build / TENTHS);
    }
}
