package fluidframe.core.plan;

import java.util.LinkedHashSet;

/** A plan for a floor, with everything that does not change while it is looked for. Lengths in decimetres. */
final class GroundTask {
    /** Corners of a round: half a lap is danced twice until it closes. */
    static final int HALF_LAP = 2;

    static final int WHOLE_LAP = 4;
    /** About how far from the walls the corners are taken. */
    static final int FROM_CORNER = 20;
    /** From every wall that much is left free: the feet give way a little where figures are joined. */
    private static final int MARGIN = 2;

    private static final int DECIMETRES = 10;

    private final PlanGraph graph;
    private final Plan plan;
    private final int units;
    private final int length;
    private final int width;
    private final Footings footings;
    private final boolean[] usable;
    private final int[] starts;
    private final int[] required;
    private final int[] mostOf;
    private final Closing closing;

    /**
     * Of a plan.
     *
     * @param eachAtMost how often a figure may be danced if the plan says nothing else of it; 0 for as often as fits
     * @param usable which places of the graph may be danced
     * @param starts the places that it may begin with
     */
    GroundTask(PlanGraph graph, Plan plan, int eachAtMost, boolean[] usable, int[] starts) {
        this.graph = graph;
        this.plan = plan;
        this.usable = usable;
        this.starts = starts;
        Ground ground = plan.ground().orElseThrow();
        this.length = (int) Math.round(ground.lengthMetres() * DECIMETRES) - 2 * MARGIN;
        this.width = (int) Math.round(ground.widthMetres() * DECIMETRES) - 2 * MARGIN;
        this.units = plan.bars() * graph.unitsPerBar();
        this.footings = graph.footings(ground.stride());
        this.required = new int[graph.figures().size()];
        this.mostOf = new int[graph.figures().size()];
        int bit = 1;
        for (String figure : new LinkedHashSet<>(plan.required())) {
            required[graph.figures().indexOf(figure)] = bit;
            bit <<= 1;
        }
        for (int figure = 0; figure < mostOf.length; figure++) {
            int most = eachAtMost == 0 ? Byte.MAX_VALUE : eachAtMost;
            mostOf[figure] = plan.atMost().getOrDefault(graph.figures().get(figure), most);
        }
        this.closing = plan.closes() ? new Closing(graph, usable, units, starts, WHOLE_LAP) : null;
    }

    PlanGraph graph() {
        return graph;
    }

    Plan plan() {
        return plan;
    }

    int units() {
        return units;
    }

    int length() {
        return length;
    }

    int width() {
        return width;
    }

    Footings footings() {
        return footings;
    }

    boolean[] usable() {
        return usable;
    }

    boolean isUsable(int node) {
        return usable[node];
    }

    int[] starts() {
        return starts;
    }

    Closing closing() {
        return closing;
    }

    /** How often a figure may be danced, by its number. */
    int most(int figure) {
        return mostOf[figure];
    }

    /** Whether a figure's times are limited at all. */
    boolean isLimited(int figure) {
        return mostOf[figure] < Byte.MAX_VALUE;
    }

    /** The bit that dancing a place sets among the figures required, or 0. */
    int bit(PlanGraph.Node node) {
        return node.isWhole() ? required[node.figure()] : 0;
    }

    boolean isLong(int side) {
        return side % 2 == 0 ? length >= width : width >= length;
    }

    /** How much of a long side has to be danced along. */
    int needed() {
        return (int) Math.ceil(plan.ground().orElseThrow().share() * (Math.max(length, width) + 2 * MARGIN));
    }

    /** About how long a round is along the sides. */
    double round(int corners) {
        return (length + width - 4 * FROM_CORNER) * corners / 2.0;
    }

    /** More than a round can travel along the line of dance. */
    int longestRound(int corners) {
        return (length + width) * corners / 2;
    }
}
