package fluidframe.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * The best of a plan where not everything that matters can be counted on the way. It is looked for without; what it does too
 * often is then counted, and it is looked for again. Once nothing uncounted matters in what is found, nothing that keeps to all
 * of it can be better, for it would have been found with less counted.
 */
final class Refinement {
    /** Every further round takes half of what is left of the way: how many there will be is not known. */
    private static final double HALF = 0.5;

    private static final int TENTHS = 10;
    /** States that a search may go through and still be quick; beyond, what comes too often is made dearer instead. */
    private static final long MOST_WORK = 600_000;
    /** More than are needed, so that the work ends. */
    private static final int ROUNDS = 60;
    /** More than any figure brings, so that it is danced only where there is no other way. */
    private static final int DEAREST = 64;

    private final PlanGraph graph;
    private final Plan plan;
    private final int eachAtMost;
    private final Map<String, Integer> limits = new LinkedHashMap<>();
    private final Set<Pairs.Pair> pairs = new LinkedHashSet<>();
    private boolean kept = true;
    private boolean proven = true;

    /**
     * For one plan.
     *
     * @param eachAtMost how often a figure may be danced if the plan says nothing else of it; 0 for as often as fits
     */
    Refinement(PlanGraph graph, Plan plan, int eachAtMost) {
        this.graph = graph;
        this.plan = plan;
        this.eachAtMost = eachAtMost;
        limits.putAll(plan.atMost());
    }

    /** The plan with every limit that had to be added. */
    Plan limited() {
        return plan.limiting(limits);
    }

    /** The limits that had to be added, by id. */
    Map<String, Integer> added() {
        Map<String, Integer> added = new LinkedHashMap<>(limits);
        added.keySet().removeAll(plan.atMost().keySet());
        return added;
    }

    /** Whether the first found is the best of all; false if something had to be made dearer that could not be counted. */
    boolean proven() {
        return proven;
    }

    /** Whether no figure is danced too often; false if nothing kept it from that. */
    boolean kept() {
        return kept;
    }

    /**
     * The best, the best first; none if there are none.
     *
     * @param dearer tenths taken off each time a figure is danced, by its number
     * @throws IllegalArgumentException if the plan counts more than can be kept even without anything added
     */
    List<Found> best(int[] dearer, Watch watch) {
        int[] prices = dearer.clone();
        double from = 0;
        double to = HALF;
        List<Found> found = search(prices, watch.between(from, to)).best();
        for (int round = 0; round < ROUNDS; round++) {
            String tooOften = mostTooOften(found);
            Set<Pairs.Pair> again = again(found);
            if (tooOften == null && pairs.containsAll(again)) return found;
            if (!count(tooOften, again)) {
                // Too much to count: what comes too often costs more until it does not, a pair danced again stays.
                proven = false;
                if (tooOften == null) return found;
                prices[graph.figures().indexOf(tooOften)] += 2 * TENTHS;
            }
            from = to;
            to = (1 + to) * HALF;
            found = search(prices, watch.between(from, to)).best();
        }
        kept = mostTooOften(found) == null && kept;
        return found;
    }

    /** Counts one thing more from now on; whether that can be done without the search growing too large. */
    private boolean count(String tooOften, Set<Pairs.Pair> again) {
        Set<Pairs.Pair> before = new LinkedHashSet<>(pairs);
        if (tooOften != null) limits.put(tooOften, eachAtMost);
        else pairs.addAll(again);
        try {
            if (search(new int[graph.figures().size()], Watch.NOBODY).work() <= MOST_WORK) return true;
        } catch (IllegalArgumentException e) {
            // More than can be told apart at all.
        }
        limits.remove(tooOften);
        pairs.retainAll(before);
        return false;
    }

    private PlanSearch search(int[] prices, Watch watch) {
        return new PlanSearch(graph, limited(), watch, new Pairs(List.copyOf(pairs)), prices);
    }

    /** The figure danced most often of those danced too often, or null. */
    private String mostTooOften(List<Found> found) {
        if (eachAtMost == 0) return null;
        Map<String, Integer> tooOften = new TreeMap<>();
        for (Found routine : found) {
            routine.times().forEach((figure, many) -> {
                String id = graph.figures().get(figure);
                if (many > eachAtMost && !plan.atMost().containsKey(id)) tooOften.merge(id, many, Math::max);
            });
        }
        return tooOften.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(null);
    }

    private Set<Pairs.Pair> again(List<Found> found) {
        Set<Pairs.Pair> again = new LinkedHashSet<>();
        if (plan.weights().variety() == 0) return again;
        for (Found routine : found) {
            PlanGraph.Node[] nodes = routine.nodes().toArray(PlanGraph.Node[]::new);
            for (int i = 0; i < nodes.length; i++) {
                if (Pairs.isAgain(nodes, i)) again.add(new Pairs.Pair(nodes[i - 1].figure(), nodes[i].figure()));
            }
        }
        return again;
    }

    /**
     * As many of the best as the plan wants, each differing from all before it in the share of its figures asked for. The
     * first is the best of all; for each of the others the figures already shown are made dearer, no more than is needed.
     */
    List<Found> apart(Watch watch) {
        int[] plain = new int[graph.figures().size()];
        if (plan.apart() == 0) return best(plain, watch);
        List<Found> chosen = new ArrayList<>();
        for (int round = 0; round < plan.wanted(); round++) {
            Watch part = watch.between((double) round / plan.wanted(), (round + 1.0) / plan.wanted());
            Found next = next(chosen, part);
            if (next == null) break;
            chosen.add(next);
        }
        chosen.sort((a, b) -> Integer.compare(b.parts().sum(), a.parts().sum()));
        return chosen;
    }

    private Found next(List<Found> chosen, Watch watch) {
        Refinement one = new Refinement(graph, plan.wanting(1), eachAtMost);
        one.limits.putAll(limits);
        one.pairs.addAll(pairs);
        for (int dear = chosen.isEmpty() ? 0 : 1; dear <= DEAREST; dear *= 2) {
            List<Found> found = one.best(dearer(chosen, dear), watch);
            if (chosen.isEmpty()) takeOver(one);
            if (found.isEmpty()) return null;
            boolean differs = chosen.stream().allMatch(other -> found.get(0).apartFrom(other) >= plan.apart());
            if (differs) {
                kept &= one.kept;
                return found.get(0);
            }
        }
        return null;
    }

    private void takeOver(Refinement first) {
        limits.putAll(first.limits);
        pairs.addAll(first.pairs);
        proven &= first.proven;
    }

    private int[] dearer(List<Found> chosen, int dear) {
        int[] dearer = new int[graph.figures().size()];
        for (Found routine : chosen) {
            for (int figure : routine.times().keySet()) {
                if (!plan.required().contains(graph.figures().get(figure))) dearer[figure] += dear * TENTHS;
            }
        }
        return dearer;
    }
}
