package fluidframe.core.plan;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * Routines in which no figure is danced too often. To count every figure on the way would be too much; so the best are looked
 * for without, then the figure that the best dance too often is limited and they are looked for again. Once nothing is danced
 * too often, no routine that keeps to all the limits can be better, for it would have been found with fewer of them.
 *
 * @param composition the best, or why there are none; its number counts what keeps to {@code limits}, so that it is exact only
 *     as an upper bound
 * @param limits the figures that had to be limited, by id
 * @param kept whether nothing in the best is danced more often than asked; false if more limits than can be counted were needed
 */
public record Variety(Composition composition, Map<String, Integer> limits, boolean kept) {
    /** The share of the work after the first round; every further round takes half of the rest. */
    private static final double FIRST_ROUND = 0.5;

    public Variety {
        limits = Map.copyOf(limits);
    }

    static Variety of(Composer composer, Plan plan, int eachAtMost, Watch watch) {
        Map<String, Integer> limits = new LinkedHashMap<>(plan.atMost());
        // How many rounds there will be is not known: each takes half of what is left of the way.
        double from = 0;
        double to = FIRST_ROUND;
        Composition found = composer.compose(plan, watch.between(from, to));
        while (true) {
            Map<String, Integer> tooOften = tooOften(found, eachAtMost);
            tooOften.keySet().removeAll(plan.atMost().keySet());
            if (tooOften.isEmpty()) return new Variety(found, added(limits, plan), true);
            String most = tooOften.entrySet().stream()
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey();
            limits.put(most, eachAtMost);
            try {
                from = to;
                to = (1 + to) / 2;
                found = composer.compose(plan.limiting(limits), watch.between(from, to));
            } catch (IllegalArgumentException e) {
                limits.remove(most);
                return new Variety(found, added(limits, plan), false);
            }
        }
    }

    private static Map<String, Integer> added(Map<String, Integer> limits, Plan plan) {
        Map<String, Integer> added = new LinkedHashMap<>(limits);
        added.keySet().removeAll(plan.atMost().keySet());
        return added;
    }

    /** How often at the most a figure that is danced too often is danced in any of the best, in order of ids. */
    private static Map<String, Integer> tooOften(Composition found, int eachAtMost) {
        Map<String, Integer> tooOften = new TreeMap<>();
        for (Composition.Proposal proposal : found.best()) {
            Map<String, Integer> times = new HashMap<>();
            proposal.figures().forEach(figure -> times.merge(figure.figureId(), 1, Integer::sum));
            times.forEach((figure, many) -> {
                if (many > eachAtMost) tooOften.merge(figure, many, Math::max);
            });
        }
        return tooOften;
    }
}
