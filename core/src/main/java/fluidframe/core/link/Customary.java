package fluidframe.core.link;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Holds the customary neighbours of charts against the computed links. A pair agrees if any way of dancing the first figure, on
 * any alignment it may be danced on, can be followed by any way of dancing the second.
 */
public final class Customary {
    private Customary() {}

    /**
     * One customary pair.
     *
     * @param before id of the figure that comes first
     * @param after id of the one that follows
     * @param best the most favourable computed answer; a no lists what stands in the way
     */
    public record Pair(String before, String after, Link best) {
        public boolean agrees() {
            return best.verdict() != Link.Verdict.NO;
        }
    }

    /** Every pair that a chart of the dance names, once, though both charts may name it. */
    public static List<Pair> pairs(Repertoire repertoire, Dance dance) {
        Set<List<String>> named = new LinkedHashSet<>();
        for (Chart chart : repertoire.charts()) {
            if (chart.dance() != dance) continue;
            chart.teaching().precedes().forEach(before -> named.add(List.of(before, chart.id())));
            chart.teaching().follows().forEach(after -> named.add(List.of(chart.id(), after)));
        }
        List<Pair> pairs = new ArrayList<>();
        for (List<String> pair : named) {
            List<Danceable> before = repertoire.usesOf(pair.get(0));
            List<Danceable> after = repertoire.usesOf(pair.get(1));
            if (!before.isEmpty() && !after.isEmpty()) {
                pairs.add(new Pair(pair.get(0), pair.get(1), best(before, after)));
            }
        }
        return pairs;
    }

    /** Whether either chart lists the two as neighbours in this order. */
    public static boolean isNamed(Chart before, Chart after) {
        return before.teaching().follows().contains(after.id())
                || after.teaching().precedes().contains(before.id());
    }

    /** The most favourable answer over all the ways of both and all alignments on which the first may begin. */
    public static Link best(List<Danceable> before, List<Danceable> after) {
        Link best = null;
        for (Danceable first : before) {
            List<Arrival> arrivals = arrivals(first);
            for (Danceable next : after) {
                Link link = best(arrivals, next);
                if (best == null || better(link, best)) best = link;
                if (best.verdict() == Link.Verdict.YES) return best;
            }
        }
        return best;
    }

    /** How a figure is left from every alignment on which it may begin. */
    static List<Arrival> arrivals(Danceable before) {
        return before.entryRotations().stream()
                .map(rotation -> Arrival.after(before, rotation, before.chart().startBeat()))
                .toList();
    }

    /** The most favourable answer over all of them; there is at least one. */
    static Link best(List<Arrival> arrivals, Danceable next) {
        Link best = null;
        for (Arrival arrival : arrivals) {
            Link link = Linker.link(arrival, next);
            if (best == null || better(link, best)) best = link;
            if (best.verdict() == Link.Verdict.YES) return best;
        }
        return best;
    }

    private static boolean better(Link link, Link best) {
        int verdict = link.verdict().compareTo(best.verdict());
        return verdict < 0
                || verdict == 0 && link.obstacles().size() < best.obstacles().size();
    }
}
