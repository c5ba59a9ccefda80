package fluidframe.core.plan;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Adjustment;
import fluidframe.core.link.Customary;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The graph of a dance with its places numbered, so that plans are worked out over plain arrays. Places that differ only in how
 * they are turned are one in a dance that may be danced on any alignment.
 */
final class PlanGraph {
    /**
     * What a plan needs to know of one place.
     *
     * @param side to which the man turns, -1, 0 or 1
     * @param position the couple position it begins in
     * @param level the rank of its level, -1 if it is on none
     * @param turned whether the man faces another way after it
     */
    record Node(
            DanceGraph.Place place,
            int figure,
            int length,
            int travel,
            int side,
            CouplePosition position,
            int level,
            boolean turned) {
        boolean isWhole() {
            return place.danced().use().part().isEmpty();
        }
    }

    /** From one place to another; {@code customary} if a chart names the pair. */
    record Edge(int to, Adjustment adjusted, boolean customary) {}

    private final Dance dance;
    private final Repertoire repertoire;
    private volatile Footings footings;
    private final List<String> figures = new ArrayList<>();
    private final List<Node> nodes = new ArrayList<>();
    private final List<Edge[]> edges = new ArrayList<>();
    private final Map<DanceGraph.Place, Integer> numbers = new HashMap<>();

    private PlanGraph(Dance dance, Repertoire repertoire) {
        this.dance = dance;
        this.repertoire = repertoire;
    }

    /** Everything that can be reached in a dance from figures begun as charted. */
    static PlanGraph of(Repertoire repertoire, Dance dance) {
        PlanGraph graph = new PlanGraph(dance, repertoire);
        DanceGraph links = repertoire.graph(dance);
        for (Chart chart : repertoire.charts()) {
            if (chart.dance() == dance && !repertoire.usesOf(chart.id()).isEmpty()) graph.figures.add(chart.id());
        }
        for (String figure : graph.figures) {
            for (DanceGraph.Place place : links.beginnings(figure)) {
                if (place.rotation() == 0) graph.number(place);
            }
        }
        for (int node = 0; node < graph.nodes.size(); node++) {
            graph.edges.add(graph.edgesFrom(links, node, repertoire));
        }
        return graph;
    }

    private DanceGraph.Place plain(DanceGraph.Place place) {
        return dance.isMoving() ? place : new DanceGraph.Place(place.danced(), 0, place.beat());
    }

    private int number(DanceGraph.Place place) {
        Integer known = numbers.get(place);
        if (known != null) return known;
        Danceable danced = place.danced();
        int length = danced.length().dividedBy(unit());
        int turn = danced.ledger().of(danced.leader()).totalTurn();
        nodes.add(new Node(
                place,
                figures.indexOf(danced.figure().id()),
                length,
                travel(place),
                Integer.signum(turn),
                danced.ledger().positions().before(Beats.ZERO),
                level(danced),
                Math.floorMod(turn, Direction.SIXTEENTHS) != 0));
        numbers.put(place, nodes.size() - 1);
        return nodes.size() - 1;
    }

    private Edge[] edgesFrom(DanceGraph links, int node, Repertoire repertoire) {
        DanceGraph.Place from = nodes.get(node).place();
        Map<Integer, Edge> best = new HashMap<>();
        for (DanceGraph.Step step : links.after(from)) {
            int to = number(plain(step.to()));
            boolean customary =
                    Customary.isNamed(from.danced().figure(), step.to().danced().figure());
            Edge edge = new Edge(to, step.adjusted(), customary);
            best.merge(to, edge, (a, b) -> a.adjusted().cost() <= b.adjusted().cost() ? a : b);
        }
        return best.values().stream().sorted(Comparator.comparingInt(Edge::to)).toArray(Edge[]::new);
    }

    /** Decimetres along the line of dance, negative against it; 0 in a dance that stays. */
    private int travel(DanceGraph.Place place) {
        if (!dance.isMoving()) return 0;
        return (int) Math.round(place.danced().advance(place.rotation()) * 10);
    }

    private static int level(Danceable danced) {
        return danced.figure().identity().levels().values().stream()
                .mapToInt(Enum::ordinal)
                .max()
                .orElse(-1);
    }

    /** Who dances there: both, or one alone. */
    Set<Role> dancers(int node) {
        Danceable danced = nodes.get(node).place().danced();
        return EnumSet.of(danced.leader(), danced.follower());
    }

    /** The time in which figures are measured: a bar, or half of it where the dance may start there. */
    Beats unit() {
        return dance.phraseUnit();
    }

    int unitsPerBar() {
        return dance.bar().dividedBy(unit());
    }

    Dance dance() {
        return dance;
    }

    Repertoire repertoire() {
        return repertoire;
    }

    /** Where everything leads on the floor; that of the stride last asked for is kept. */
    Footings footings(Stride stride) {
        Footings known = footings;
        if (known == null || !known.stride().equals(stride)) {
            known = new Footings(this, repertoire, stride);
            footings = known;
        }
        return known;
    }

    List<String> figures() {
        return figures;
    }

    int size() {
        return nodes.size();
    }

    Node node(int number) {
        return nodes.get(number);
    }

    Edge[] edges(int node) {
        return edges.get(node);
    }

    /** Numbers of the places at which a routine may begin with a figure: as charted, which is how routines begin. */
    List<Integer> beginnings(int figure) {
        List<Integer> found = new ArrayList<>();
        for (int node = 0; node < nodes.size(); node++) {
            DanceGraph.Place place = nodes.get(node).place();
            boolean charted = place.rotation() == 0
                    && place.beat().equals(place.danced().chart().startBeat());
            boolean begins = charted && place.danced().isFromTheStart();
            if (nodes.get(node).figure() == figure && begins) found.add(node);
        }
        return found;
    }
}
