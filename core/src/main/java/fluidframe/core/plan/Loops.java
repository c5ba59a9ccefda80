package fluidframe.core.plan;

import fluidframe.core.chart.Ending;
import fluidframe.core.routine.PlacedFigure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * Practice loops: the shortest chains through a figure after which it can be danced again just as before, both dancers on
 * their own foot, alignment and beat. A corner may be taken once, so that the loop goes on round the floor.
 */
public final class Loops {
    /** Loops up to so many bars longer than the shortest are looked for. */
    private static final int LONGER_BARS = 6;

    /** Longer than any way back, and half of the largest number, so that adding to it does not go round. */
    private static final int NEVER = Integer.MAX_VALUE / 2;

    private final PlanGraph graph;

    Loops(PlanGraph graph) {
        this.graph = graph;
    }

    /**
     * One loop.
     *
     * @param figures its figures from the one asked for; the corner before the first is taken when the loop begins anew
     * @param bars how long it is
     * @param metres how far it brings the couple along the line of dance
     */
    public record Loop(List<PlacedFigure> figures, double bars, double metres) {
        public Loop {
            figures = List.copyOf(figures);
        }
    }

    /** The shortest first, at most so many; of two equally long the one with more customary joins. */
    List<Loop> through(String figureId, int most) {
        int figure = graph.figures().indexOf(figureId);
        if (figure < 0) {
            throw new IllegalArgumentException("The dance has no figure \"" + figureId + "\" that a couple can dance");
        }
        List<Found> found = new ArrayList<>();
        for (int start : graph.beginnings(figure)) {
            if (graph.node(start).isWhole()) new Search(start).collect(most, found);
        }
        return found.stream()
                .sorted(Comparator.comparingInt(Found::length).thenComparingInt(f -> -f.customary()))
                .limit(most)
                .map(this::loop)
                .toList();
    }

    private record Found(int[] nodes, boolean[] corners, int length, int customary) {}

    private Loop loop(Found found) {
        List<PlacedFigure> figures = new ArrayList<>();
        int travel = 0;
        for (int i = 0; i < found.nodes().length; i++) {
            PlanGraph.Node node = graph.node(found.nodes()[i]);
            travel += node.travel();
            figures.add(new PlacedFigure(
                    graph.figures().get(node.figure()), node.place().danced().use(), found.corners()[i]));
        }
        return new Loop(figures, (double) found.length() / graph.unitsPerBar(), travel / 10.0);
    }

    /** All loops from one place, length by length. */
    private final class Search {
        private final int start;
        private final int[] back;
        private final int[] nodes = new int[64];
        private final boolean[] corners = new boolean[64];
        private List<Found> found;
        private int most;

        Search(int start) {
            this.start = start;
            this.back = distancesTo(start);
        }

        void collect(int wanted, List<Found> into) {
            found = into;
            most = into.size() + wanted;
            int shortest = graph.node(start).length() + shortestOn(start);
            if (shortest >= NEVER) return;
            int longest = shortest + LONGER_BARS * graph.unitsPerBar();
            for (int length = shortest; length <= longest && found.size() < most; length++) {
                nodes[0] = start;
                extend(1, graph.node(start).length(), length, 0, false);
            }
        }

        private int shortestOn(int node) {
            return Arrays.stream(graph.edges(node))
                    .filter(Loops::asItStands)
                    .mapToInt(edge -> back[edge.to()])
                    .min()
                    .orElse(NEVER);
        }

        private void extend(int depth, int danced, int length, int customary, boolean cornered) {
            for (PlanGraph.Edge edge : graph.edges(nodes[depth - 1])) {
                if (found.size() >= most || !asItStands(edge) || edge.adjusted().corner() && cornered) continue;
                int named = customary + (edge.customary() ? 1 : 0);
                if (edge.to() == start) {
                    if (danced == length) {
                        corners[0] = edge.adjusted().corner();
                        found.add(new Found(Arrays.copyOf(nodes, depth), Arrays.copyOf(corners, depth), length, named));
                    }
                    continue;
                }
                if (danced + back[edge.to()] > length || depth == nodes.length) continue;
                nodes[depth] = edge.to();
                corners[depth] = edge.adjusted().corner();
                int after = danced + graph.node(edge.to()).length();
                extend(
                        depth + 1,
                        after,
                        length,
                        named,
                        cornered || edge.adjusted().corner());
            }
        }
    }

    private static boolean asItStands(PlanGraph.Edge edge) {
        return edge.adjusted().lastTurnSixteenths() == 0 && edge.adjusted().ending() == Ending.AS_CHARTED;
    }

    /** How long it takes from the beginning of each place to the beginning of the target. */
    private int[] distancesTo(int target) {
        List<List<Integer>> before = new ArrayList<>();
        for (int node = 0; node < graph.size(); node++) before.add(new ArrayList<>());
        for (int node = 0; node < graph.size(); node++) {
            for (PlanGraph.Edge edge : graph.edges(node))
                if (asItStands(edge)) before.get(edge.to()).add(node);
        }
        int[] distances = new int[graph.size()];
        Arrays.fill(distances, NEVER);
        distances[target] = 0;
        PriorityQueue<int[]> open = new PriorityQueue<>(Comparator.comparingInt(entry -> entry[1]));
        open.add(new int[] {target, 0});
        while (!open.isEmpty()) {
            int[] entry = open.poll();
            if (entry[1] > distances[entry[0]]) continue;
            for (int node : before.get(entry[0])) {
                int length = entry[1] + graph.node(node).length();
                if (length < distances[node]) {
                    distances[node] = length;
                    open.add(new int[] {node, length});
                }
            }
        }
        return distances;
    }
}
