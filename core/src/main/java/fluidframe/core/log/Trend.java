package fluidframe.core.log;

import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * The straight line through what was measured over time, by least squares, with the range of its slope by Student's t.
 *
 * @param slope a unit of time
 * @param low the least slope that is likely, 95 times in 100
 * @param high the greatest
 */
public record Trend(double slope, double low, double high) {
    /** Something measured at a time. */
    public record Point(double time, double value) {}

    private static final int LEAST = 3;

    /** Empty for fewer than three points, and where all are at the same time. */
    public static Optional<Trend> of(List<Point> points) {
        int n = points.size();
        if (n < LEAST) return Optional.empty();
        double time = points.stream().mapToDouble(Point::time).average().orElseThrow();
        double value = points.stream().mapToDouble(Point::value).average().orElseThrow();
        double spread = points.stream()
                .mapToDouble(point -> square(point.time() - time))
                .sum();
        if (spread == 0) return Optional.empty();
        double slope = points.stream()
                        .mapToDouble(point -> (point.time() - time) * (point.value() - value))
                        .sum()
                / spread;
        double rest = points.stream()
                .mapToDouble(point -> square(point.value() - value - slope * (point.time() - time)))
                .sum();
        double reach = TDistribution.of(n - 2.0).inverseSurvivalProbability(Rate.ERROR / 2)
                * Math.sqrt(rest / (n - 2) / spread);
        return Optional.of(new Trend(slope, slope - reach, slope + reach));
    }

    /** Whether more than chance moves it. */
    public boolean isSure() {
        return low > 0 || high < 0;
    }

    private static double square(double x) {
        return x * x;
    }
}
