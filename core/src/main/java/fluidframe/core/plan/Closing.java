package fluidframe.core.plan;

import fluidframe.core.chart.Ending;

/**
 * From which places a routine can still come back to its beginning: to which of the beginnings, after so much time and so many
 * corners. The corner between the end and the beginning is counted like any other.
 */
final class Closing {
    private final int nodes;
    private final int corners;
    private final int words;
    private final long[] reach;

    /**
     * Works it out.
     *
     * @param starts the beginnings, as places of the graph
     * @param corners how many corners are told apart, 0 to this number
     */
    Closing(PlanGraph graph, boolean[] usable, int units, int[] starts, int corners) {
        this.nodes = graph.size();
        this.corners = corners + 1;
        this.words = (starts.length + Long.SIZE - 1) / Long.SIZE;
        this.reach = new long[(units + 1) * nodes * this.corners * words];
        for (int node = 0; node < nodes; node++) {
            for (PlanGraph.Edge edge : graph.edges(node)) {
                for (int start = 0; start < starts.length; start++) {
                    if (edge.to() == starts[start] && asItStands(edge)) {
                        int corner = edge.adjusted().corner() ? 1 : 0;
                        reach[at(0, node, corner) + start / Long.SIZE] |= 1L << start;
                    }
                }
            }
        }
        for (int left = 1; left <= units; left++) {
            for (int node = 0; node < nodes; node++) goesOn(graph, usable, left, node);
        }
    }

    static boolean asItStands(PlanGraph.Edge edge) {
        return edge.adjusted().lastTurnSixteenths() == 0 && edge.adjusted().ending() == Ending.AS_CHARTED;
    }

    private void goesOn(PlanGraph graph, boolean[] usable, int left, int node) {
        for (PlanGraph.Edge edge : graph.edges(node)) {
            int rest = left - graph.node(edge.to()).length();
            if (rest < 0 || !usable[edge.to()]) continue;
            int taken = edge.adjusted().corner() ? 1 : 0;
            for (int corner = taken; corner < corners; corner++) {
                for (int word = 0; word < words; word++) {
                    reach[at(left, node, corner) + word] |= reach[at(rest, edge.to(), corner - taken) + word];
                }
            }
        }
    }

    private int at(int left, int node, int corner) {
        return ((left * nodes + node) * corners + corner) * words;
    }

    /** Whether the beginning can be reached after so much more time with exactly so many more corners. */
    boolean reaches(int left, int node, int corner, int start) {
        return corner >= 0 && corner < corners && (reach[at(left, node, corner) + start / Long.SIZE] >> start & 1) != 0;
    }
}
