package fluidframe.core.plan;

import fluidframe.core.chart.Ending;
import fluidframe.core.couple.Role;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;

/**
 * One plan over one graph, by dynamic programming: a state is a time, a place and how often the figures that count have been
 * danced.
 */
final class PlanSearch {
    /** States kept at a time while counting, about 200 MB. */
    private static final long MOST_LIVE = 6_000_000;

    private final PlanGraph graph;
    private final Plan plan;
    private final Watch watch;
    private final Counters counters;
    private final Pairs pairs;
    private final CourseStates course;
    private final int units;
    private final int states;
    private final boolean[] usable;
    private final Score score;
    private final List<Integer> starts = new ArrayList<>();

    PlanSearch(PlanGraph graph, Plan plan, Watch watch) {
        this(graph, plan, watch, new Pairs(List.of()), new int[graph.figures().size()]);
    }

    /**
     * A search that also minds pairs danced twice, with some figures worth less.
     *
     * @param dearer tenths taken off each time a figure is danced, by its number
     */
    PlanSearch(PlanGraph graph, Plan plan, Watch watch, Pairs pairs, int[] dearer) {
        this.pairs = pairs;
        this.graph = graph;
        this.plan = plan;
        this.watch = watch;
        this.counters = new Counters(graph.figures(), plan);
        this.units = plan.bars() * graph.unitsPerBar();
        this.course = new CourseStates(plan.course());
        this.states = counters.size() * course.size() * pairs.size();
        refuseTooMuch();
        this.usable = new boolean[graph.size()];
        this.score = new Score(graph, plan, dearer);
        Set<Integer> first = new LinkedHashSet<>();
        Set<Set<Role>> dancers = dancers();
        for (int node = 0; node < graph.size(); node++) {
            String figure = graph.figures().get(graph.node(node).figure());
            boolean allowed = plan.allowed().isEmpty() || plan.allowed().contains(figure);
            usable[node] = allowed && dancers.contains(graph.dancers(node));
        }
        for (int figure = 0; figure < graph.figures().size(); figure++) {
            String id = graph.figures().get(figure);
            if (plan.first().map(id::equals).orElse(true)) first.addAll(graph.beginnings(figure));
        }
        first.stream().filter(node -> usable[node]).forEach(starts::add);
    }

    /** How many states are gone through at the most. */
    long work() {
        return (long) (units + 1) * graph.size() * states * plan.wanted();
    }

    boolean[] usable() {
        return usable;
    }

    int[] starts() {
        return starts.stream().mapToInt(Integer::intValue).toArray();
    }

    /** Who is to dance: whoever dances the figures named, or those to choose from; both where nothing says otherwise. */
    private Set<Set<Role>> dancers() {
        Set<String> named = new LinkedHashSet<>(plan.required());
        plan.first().ifPresent(named::add);
        plan.last().ifPresent(named::add);
        Set<String> deciding = named.isEmpty() ? plan.allowed() : named;
        Set<Set<Role>> dancers = new LinkedHashSet<>();
        for (int node = 0; node < graph.size(); node++) {
            if (deciding.contains(graph.figures().get(graph.node(node).figure()))) dancers.add(graph.dancers(node));
        }
        return dancers.isEmpty() || dancers.size() > 1 ? Set.of(EnumSet.allOf(Role.class)) : dancers;
    }

    /** Counting keeps the states of as many bars as the longest figure has; about 200 MB at the most. */
    private void refuseTooMuch() {
        int longest = 0;
        for (int node = 0; node < graph.size(); node++) {
            longest = Math.max(longest, graph.node(node).length());
        }
        long live = (long) longest * graph.size() * states;
        if (live > MOST_LIVE) {
            throw new IllegalArgumentException("This plan would have to count " + live + " states at a time, more than "
                    + MOST_LIVE + ": require or limit fewer figures");
        }
    }

    /** How many routines there are. */
    BigInteger count() {
        if (!plan.closes()) return count(starts, -1, watch.between(0, 1));
        BigInteger sum = BigInteger.ZERO;
        for (int i = 0; i < starts.size(); i++) {
            sum = sum.add(count(List.of(starts.get(i)), starts.get(i), roundOf(i, 0, 1)));
        }
        return sum;
    }

    /** The watch over the search from one of the beginnings. */
    private Watch roundOf(int index, double from, double to) {
        double each = (to - from) / starts.size();
        return watch.between(from + index * each, from + (index + 1) * each);
    }

    private BigInteger count(List<Integer> from, int mustLeadTo, Watch round) {
        Tally[][] tallies = new Tally[units + 1][];
        for (int node : from) {
            int state = after(course.start(), node, false);
            if (state >= 0) tally(tallies, 0, node, state).add(Tally.ONE);
        }
        Tally sum = new Tally();
        for (int time = 0; time < units; time++) {
            if (tallies[time] == null) continue;
            check(round, time);
            for (int node = 0; node < graph.size(); node++) {
                int end = time + graph.node(node).length();
                if (end > units) continue;
                for (int state = 0; state < states; state++) {
                    Tally here = tallies[time][node * states + state];
                    if (here == null) continue;
                    if (end == units) {
                        if (mayEnd(node, state, mustLeadTo)) sum.add(here);
                        continue;
                    }
                    for (PlanGraph.Edge edge : graph.edges(node)) {
                        int next = usable[edge.to()]
                                ? after(state, edge.to(), edge.adjusted().corner())
                                : -1;
                        if (next >= 0) tally(tallies, end, edge.to(), next).add(here);
                    }
                }
            }
            tallies[time] = null;
        }
        return sum.value();
    }

    private int after(int state, int node, boolean corner) {
        PlanGraph.Node at = graph.node(node);
        int twice = state / (counters.size() * course.size());
        int counted = counters.after(counted(state), at.figure(), at.isWhole());
        int danced = course.after(state % course.size(), at.travel(), corner);
        if (counted < 0 || danced < 0) return -1;
        return (pairs.after(twice, at.figure()) * counters.size() + counted) * course.size() + danced;
    }

    private int counted(int state) {
        return state / course.size() % counters.size();
    }

    private Tally tally(Tally[][] tallies, int time, int node, int state) {
        if (tallies[time] == null) tallies[time] = new Tally[graph.size() * states];
        int at = node * states + state;
        if (tallies[time][at] == null) tallies[time][at] = new Tally();
        return tallies[time][at];
    }

    private boolean mayEnd(int node, int state, int mustLeadTo) {
        if (!counters.met(counted(state)) || !course.complete(state % course.size())) return false;
        String figure = graph.figures().get(graph.node(node).figure());
        if (!plan.last().map(figure::equals).orElse(true)) return false;
        return mustLeadTo < 0
                || Arrays.stream(graph.edges(node))
                        .anyMatch(edge -> edge.to() == mustLeadTo
                                && edge.adjusted().lastTurnSixteenths() == 0
                                && edge.adjusted().ending() == Ending.AS_CHARTED
                                && (course.isFree() || edge.adjusted().corner()));
    }

    private void check(Watch round, int time) {
        if (round.isGivenUp()) throw new CancellationException("The plan was given up");
        round.reached((double) time / units);
    }

    /** The best routines, the best first; among equals the one found first, in the order of the library. */
    List<Found> best() {
        List<Found> found = new ArrayList<>();
        if (plan.closes()) {
            for (int i = 0; i < starts.size(); i++) {
                found.addAll(best(List.of(starts.get(i)), starts.get(i), roundOf(i, 0, 1)));
            }
        } else {
            found.addAll(best(starts, -1, watch.between(0, 1)));
        }
        return found.stream()
                .sorted((a, b) -> Integer.compare(b.parts().sum(), a.parts().sum()))
                .limit(plan.wanted())
                .toList();
    }

    private List<Found> best(List<Integer> from, int mustLeadTo, Watch round) {
        Kept kept = new Kept(units, graph.size(), states, plan.wanted());
        for (int node : from) {
            int state = after(course.start(), node, false);
            if (state >= 0) kept.offer(0, node, state, score.of(graph.node(node), 0), -1, 0, 0);
        }
        List<int[]> ends = new ArrayList<>();
        for (int time = 0; time < units; time++) {
            check(round, time);
            for (int node = 0; node < graph.size(); node++) {
                int end = time + graph.node(node).length();
                if (end > units) continue;
                for (int state = 0; state < states; state++) {
                    int many = kept.many(time, node, state);
                    if (many == 0) continue;
                    if (end == units) {
                        if (mayEnd(node, state, mustLeadTo)) {
                            for (int rank = 0; rank < many; rank++) {
                                ends.add(new int[] {kept.score(time, node, state, rank), time, node, state, rank});
                            }
                        }
                        continue;
                    }
                    spread(kept, time, node, state, many, end);
                }
            }
        }
        ends.sort((a, b) -> Integer.compare(b[0], a[0]));
        return ends.stream().limit(plan.wanted()).map(end -> trace(kept, end)).toList();
    }

    private void spread(Kept kept, int time, int node, int state, int many, int end) {
        PlanGraph.Edge[] edges = graph.edges(node);
        for (int e = 0; e < edges.length; e++) {
            int to = edges[e].to();
            int next = usable[to] ? after(state, to, edges[e].adjusted().corner()) : -1;
            if (next < 0) continue;
            int again = pairs.again(
                    state / (counters.size() * course.size()), graph.node(to).figure());
            int gain = score.of(graph.node(node), edges[e], graph.node(to))
                    + score.of(graph.node(to), end)
                    + again * score.ofPairAgain();
            for (int rank = 0; rank < many; rank++) {
                int sum = kept.score(time, node, state, rank) + gain;
                int from = (time * graph.size() + node) * states + state;
                if (!kept.offer(end, to, next, sum, from, rank, e)) break;
            }
        }
    }

    private Found trace(Kept kept, int[] end) {
        List<Integer> nodes = new ArrayList<>();
        List<PlanGraph.Edge> edges = new ArrayList<>();
        int at = (end[1] * graph.size() + end[2]) * states + end[3];
        int rank = end[4];
        while (true) {
            int node = at / states % graph.size();
            nodes.add(0, node);
            int from = kept.from(at, rank);
            if (from < 0) break;
            edges.add(0, graph.edges(from / states % graph.size())[kept.edge(at, rank)]);
            int before = kept.fromRank(at, rank);
            at = from;
            rank = before;
        }
        return Found.of(graph, nodes, edges, score);
    }
}
