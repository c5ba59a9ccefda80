package fluidframe.core.plan;

import java.util.List;

/**
 * How far some pairs of figures are on the way to being danced twice in a row, all in one number: one figure, the other, the
 * first again, and the second again costs. To watch every pair would be too much; those that matter are watched.
 */
final class Pairs {
    /** Two different figures by their numbers in the graph, in the order in which they are danced. */
    record Pair(int one, int other) {}

    private static final int NOTHING = 0;
    private static final int ONE = 1;
    private static final int ONCE = 2;
    private static final int ONCE_AND_ONE = 3;
    private static final int STAGES = 4;

    private final List<Pair> watched;
    private final int size;

    Pairs(List<Pair> watched) {
        this.watched = List.copyOf(watched);
        int states = 1;
        for (int i = 0; i < watched.size(); i++) states *= STAGES;
        size = states;
    }

    /** How many states there are to tell apart. */
    int size() {
        return size;
    }

    /** The state after one more figure. */
    int after(int state, int figure) {
        int next = 0;
        int unit = 1;
        for (Pair pair : watched) {
            next += unit * stage(state / unit % STAGES, pair, figure);
            unit *= STAGES;
        }
        return next;
    }

    /** How many watched pairs a figure makes twice. */
    int again(int state, int figure) {
        int times = 0;
        int unit = 1;
        for (Pair pair : watched) {
            if (state / unit % STAGES == ONCE_AND_ONE && figure == pair.other()) times++;
            unit *= STAGES;
        }
        return times;
    }

    private static int stage(int stage, Pair pair, int figure) {
        if (figure == pair.one()) return stage == ONCE ? ONCE_AND_ONE : ONE;
        if (figure == pair.other()) return stage == ONE || stage == ONCE_AND_ONE ? ONCE : NOTHING;
        return NOTHING;
    }

    /** Whether the node at an index ends a pair that is danced a second time in a row. */
    static boolean isAgain(PlanGraph.Node[] nodes, int index) {
        if (index < 3) return false;
        int one = nodes[index - 1].figure();
        int other = nodes[index].figure();
        return one != other && nodes[index - 3].figure() == one && nodes[index - 2].figure() == other;
    }
}
