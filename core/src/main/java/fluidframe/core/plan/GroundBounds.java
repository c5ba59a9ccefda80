package fluidframe.core.plan;

import java.util.Arrays;

/**
 * What can still come of a routine from a place of the graph on, whatever the floor is like: at the most how much of the score,
 * at the most how many decimetres. Worked out backwards from the end; no way on the floor does better.
 */
final class GroundBounds {
    /** The score of what cannot be brought to an end. */
    static final int NEVER = Integer.MIN_VALUE / 4;

    private final GroundTask task;
    private final PlanGraph graph;
    private final Score worth;
    private final int slow;
    private final int units;
    private final int nodes;
    private final int masks;
    private final int[] scores;
    private final double[] ways;

    /**
     * Works them out.
     *
     * @param slow tenths taken off for each decimetre travelled
     */
    GroundBounds(GroundTask task, Score worth, int slow) {
        this.task = task;
        this.graph = task.graph();
        this.worth = worth;
        this.slow = slow;
        this.units = task.units();
        this.nodes = graph.size();
        this.masks = 1 << task.plan().required().stream().distinct().count();
        this.scores = new int[(units + 1) * nodes * masks];
        this.ways = new double[(units + 1) * nodes];
        Arrays.fill(scores, NEVER);
        for (int left = 0; left <= units; left++) {
            for (int node = 0; node < nodes; node++) {
                if (left == 0) ends(node);
                else goesOn(left, node);
            }
        }
    }

    private void ends(int node) {
        String figure = graph.figures().get(graph.node(node).figure());
        if (task.plan().last().map(figure::equals).orElse(true)) scores[at(0, node, masks - 1)] = 0;
    }

    private void goesOn(int left, int node) {
        double farthest = 0;
        PlanGraph.Edge[] edges = graph.edges(node);
        for (int i = 0; i < edges.length; i++) {
            int next = edges[i].to();
            PlanGraph.Node to = graph.node(next);
            if (!task.isUsable(next) || to.length() > left) continue;
            int rest = left - to.length();
            farthest = Math.max(farthest, task.footings().along(node, i).length() + ways[rest * nodes + next]);
            int gain = still(node, edges[i], left);
            int bit = task.bit(to);
            for (int mask = 0; mask < masks; mask++) {
                int best = scores[at(rest, next, mask | bit)];
                if (best > NEVER) scores[at(left, node, mask)] = Math.max(scores[at(left, node, mask)], best + gain);
            }
        }
        ways[left * nodes + node] = farthest;
    }

    private int still(int node, PlanGraph.Edge edge, int left) {
        PlanGraph.Node to = graph.node(edge.to());
        return worth.still(graph.node(node), edge, to, units - left) - slow * to.travel();
    }

    private int at(int left, int node, int mask) {
        return (left * nodes + node) * masks + mask;
    }

    /** The most of the score without travel, in tenths, that the rest brings; {@link #NEVER} if it cannot be ended. */
    int score(int left, int node, int mask) {
        return scores[at(left, node, mask)];
    }

    /** How far the rest leads at the most, in decimetres. */
    double way(int left, int node) {
        return ways[left * nodes + node];
    }

    /** What a routine can be worth at the most without travel, in tenths, from one of the beginnings. */
    int most(int[] starts) {
        int best = best(starts);
        return best < 0 ? NEVER : from(best);
    }

    private int best(int[] starts) {
        int best = -1;
        for (int start : starts) {
            if (from(start) > (best < 0 ? NEVER : from(best))) best = start;
        }
        return best;
    }

    private int from(int start) {
        PlanGraph.Node node = graph.node(start);
        if (node.length() > units) return NEVER;
        int rest = score(units - node.length(), start, task.bit(node));
        return rest == NEVER ? NEVER : rest + worth.of(node, 0) - worth.ofTravel(node.travel()) - slow * node.travel();
    }

    /**
     * What a routine does that is worth the most.
     *
     * @param times how often it dances each figure, by number
     * @param travel decimetres along the line of dance
     */
    record Danced(int[] times, int travel) {}

    /** What a routine does that is worth the most; there has to be one. */
    Danced danced(int[] starts) {
        int node = best(starts);
        int[] times = new int[graph.figures().size()];
        int travel = 0;
        int mask = 0;
        int left = units;
        while (true) {
            PlanGraph.Node at = graph.node(node);
            times[at.figure()]++;
            travel += at.travel();
            mask |= task.bit(at);
            left -= at.length();
            if (left == 0) return new Danced(times, travel);
            node = next(node, left, mask);
        }
    }

    private int next(int node, int left, int mask) {
        for (PlanGraph.Edge edge : graph.edges(node)) {
            PlanGraph.Node to = graph.node(edge.to());
            if (!task.isUsable(edge.to()) || to.length() > left) continue;
            int rest = score(left - to.length(), edge.to(), mask | task.bit(to));
            if (rest != NEVER && rest + still(node, edge, left) == score(left, node, mask)) return edge.to();
        }
        throw new IllegalStateException("A way that was found has to be found again");
    }
}
