package fluidframe.core.plan;

import fluidframe.core.floor.Stride;
import fluidframe.core.link.Adjustment;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Repertoire;

/** Where every edge of a graph leads on the floor with one stride. */
final class Footings {
    private final Stride stride;
    private final Footing[] begun;
    private final Footing[][] along;

    Footings(PlanGraph graph, Repertoire repertoire, Stride stride) {
        this.stride = stride;
        begun = new Footing[graph.size()];
        along = new Footing[graph.size()][];
        for (int node = 0; node < graph.size(); node++) {
            DanceGraph.Place place = graph.node(node).place();
            if (place.rotation() == 0) begun[node] = Footing.of(place, stride);
            PlanGraph.Edge[] edges = graph.edges(node);
            along[node] = new Footing[edges.length];
            for (int i = 0; i < edges.length; i++) {
                Adjustment adjusted = edges[i].adjusted();
                along[node][i] = Footing.of(
                        danced(place.danced(), adjusted, repertoire),
                        place.rotation(),
                        adjusted.corner(),
                        graph.node(edges[i].to()).place(),
                        stride);
            }
        }
    }

    private static Danceable danced(Danceable charted, Adjustment adjusted, Repertoire repertoire) {
        return repertoire
                .find(
                        charted.figure().id(),
                        charted.use()
                                .withLastTurn(adjusted.lastTurnSixteenths())
                                .withEnding(adjusted.ending()))
                .orElse(charted);
    }

    Stride stride() {
        return stride;
    }

    /** Where a routine that begins with a place is led by it. */
    Footing begun(int node) {
        return begun[node];
    }

    /** Where the next place leads, by the number of the edge among those of the place. */
    Footing along(int node, int edge) {
        return along[node][edge];
    }
}
