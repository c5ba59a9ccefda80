package fluidframe.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * One number over time, through knots: a cubic between neighbours that never overshoots them (Fritsch and Carlson), so that
 * what is the same at two neighbouring knots stays the same between them, and a foot that stands does not creep.
 */
public final class Curve {
    /** A value at a beat, and how fast it changes there, by the beat. */
    public record Knot(double beat, double value, double slope) {}

    private final List<Knot> knots;

    private Curve(List<Knot> knots) {
        this.knots = List.copyOf(knots);
    }

    /** Through what was noted, which must be something. */
    static Curve through(TreeMap<Double, Double> written) {
        if (written.isEmpty()) throw new IllegalArgumentException("A curve must have a knot");
        List<Double> beats = new ArrayList<>(written.keySet());
        List<Double> values = new ArrayList<>(written.values());
        List<Knot> knots = new ArrayList<>();
        for (int i = 0; i < beats.size(); i++)
            knots.add(new Knot(beats.get(i), values.get(i), slope(beats, values, i)));
        return new Curve(knots);
    }

    /** With as few knots as keep every note to within the tolerance. */
    static Curve through(TreeMap<Double, Double> written, double tolerance) {
        TreeMap<Double, Double> kept = withoutNeedless(written, tolerance);
        while (true) {
            Curve curve = through(kept);
            TreeMap<Double, Double> worst = new TreeMap<>();
            written.forEach((beat, value) -> {
                double off = Math.abs(curve.at(beat) - value);
                double between = kept.floorKey(beat);
                boolean isWorst = !worst.containsKey(between)
                        || off > Math.abs(curve.at(worst.get(between)) - written.get(worst.get(between)));
                if (off > tolerance && isWorst) worst.put(between, beat);
            });
            if (worst.isEmpty()) return curve;
            worst.values().forEach(beat -> kept.put(beat, written.get(beat)));
        }
    }

    /** Leaves out knots that lie on the straight line between others, to within what can be seen. */
    private static TreeMap<Double, Double> withoutNeedless(TreeMap<Double, Double> noted, double tolerance) {
        List<Map.Entry<Double, Double>> all = new ArrayList<>(noted.entrySet());
        TreeMap<Double, Double> kept = new TreeMap<>();
        int anchor = 0;
        kept.put(all.get(0).getKey(), all.get(0).getValue());
        for (int i = 2; i < all.size(); i++) {
            if (isStraight(all, anchor, i, tolerance)) continue;
            anchor = i - 1;
            kept.put(all.get(anchor).getKey(), all.get(anchor).getValue());
        }
        Map.Entry<Double, Double> last = all.get(all.size() - 1);
        kept.put(last.getKey(), last.getValue());
        return kept;
    }

    private static boolean isStraight(List<Map.Entry<Double, Double>> all, int from, int to, double tolerance) {
        double length = all.get(to).getKey() - all.get(from).getKey();
        double rise = all.get(to).getValue() - all.get(from).getValue();
        for (int i = from + 1; i < to; i++) {
            double share = (all.get(i).getKey() - all.get(from).getKey()) / length;
            if (Math.abs(all.get(from).getValue() + share * rise - all.get(i).getValue()) > tolerance) return false;
        }
        return true;
    }

    /** None at the ends and where the curve turns back; else the weighted harmonic mean of the two ways. */
    private static double slope(List<Double> beats, List<Double> values, int i) {
        if (i == 0 || i + 1 == beats.size()) return 0;
        double before = beats.get(i) - beats.get(i - 1);
        double after = beats.get(i + 1) - beats.get(i);
        double rise = (values.get(i) - values.get(i - 1)) / before;
        double next = (values.get(i + 1) - values.get(i)) / after;
        if (rise * next <= 0) return 0;
        double one = 2 * after + before;
        double other = after + 2 * before;
        return (one + other) / (one / rise + other / next);
    }

    public List<Knot> knots() {
        return knots;
    }

    /** The value at a beat; before the first knot and after the last it stays as there. */
    public double at(double beat) {
        int low = 0;
        int high = knots.size() - 1;
        if (beat <= knots.get(low).beat()) return knots.get(low).value();
        if (beat >= knots.get(high).beat()) return knots.get(high).value();
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (knots.get(middle).beat() <= beat) low = middle;
            else high = middle;
        }
        return between(knots.get(low), knots.get(high), beat);
    }

    private static double between(Knot from, Knot to, double beat) {
        double length = to.beat() - from.beat();
        double s = (beat - from.beat()) / length;
        double rest = 1 - s;
        return from.value() * rest * rest * (1 + 2 * s)
                + to.value() * s * s * (3 - 2 * s)
                + length * s * rest * (from.slope() * rest - to.slope() * s);
    }

    /** Notes values as they become known; a later note on the same beat counts. */
    static final class Draft {
        private final TreeMap<Double, Double> noted = new TreeMap<>();

        Draft note(double beat, double value) {
            noted.put(beat, value);
            return this;
        }

        /** Stays as it is up to a beat, from which it will change. */
        Draft stay(double beat) {
            return note(beat, last());
        }

        /** The value noted for the latest beat. */
        double last() {
            return noted.lastEntry().getValue();
        }

        /** The latest beat noted. */
        double latest() {
            return noted.lastKey();
        }

        /** Through every note but those in the middle of a straight line. */
        Curve done() {
            return Curve.through(withoutNeedless(noted, 0));
        }

        /** The same with fewer knots, nowhere farther off than the tolerance. */
        Curve done(double tolerance) {
            return Curve.through(noted, tolerance);
        }
    }
}
