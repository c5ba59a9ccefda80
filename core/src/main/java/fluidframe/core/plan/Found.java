package fluidframe.core.plan;

import fluidframe.core.link.Adjustment;
import fluidframe.core.routine.PlacedFigure;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A routine as it comes out of a search: places of the graph, the edges between them, and what it is worth. */
record Found(PlanGraph graph, List<PlanGraph.Node> nodes, List<PlanGraph.Edge> edges, Composition.Parts parts) {
    static Found of(PlanGraph graph, List<Integer> numbers, List<PlanGraph.Edge> edges, Score score) {
        List<PlanGraph.Node> nodes = numbers.stream().map(graph::node).toList();
        Composition.Parts parts =
                score.parts(nodes.toArray(PlanGraph.Node[]::new), edges.toArray(PlanGraph.Edge[]::new));
        return new Found(graph, nodes, List.copyOf(edges), parts);
    }

    /** Its figures in order, with turns and corners adjusted so that every join is possible. */
    List<PlacedFigure> figures() {
        List<PlacedFigure> figures = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            boolean corner = i > 0 && edges.get(i - 1).adjusted().corner();
            Adjustment adjusted = i < edges.size() ? edges.get(i).adjusted() : Adjustment.NONE;
            figures.add(new PlacedFigure(
                    graph.figures().get(nodes.get(i).figure()),
                    nodes.get(i)
                            .place()
                            .danced()
                            .use()
                            .withLastTurn(adjusted.lastTurnSixteenths())
                            .withEnding(adjusted.ending()),
                    corner));
        }
        return figures;
    }

    /** How often each figure is danced, by its number in the graph. */
    Map<Integer, Integer> times() {
        Map<Integer, Integer> times = new HashMap<>();
        nodes.forEach(node -> times.merge(node.figure(), 1, Integer::sum));
        return times;
    }

    /** In what share of its figures this differs from another routine, 0 to 1; the order of the figures does not count. */
    double apartFrom(Found other) {
        Map<Integer, Integer> theirs = other.times();
        int shared = times().entrySet().stream()
                .mapToInt(entry -> Math.min(entry.getValue(), theirs.getOrDefault(entry.getKey(), 0)))
                .sum();
        return 1 - (double) shared / Math.max(nodes.size(), other.nodes.size());
    }

    Composition.Proposal proposal(Optional<Laid> laid) {
        return new Composition.Proposal(figures(), parts.sum(), parts, laid);
    }
}
