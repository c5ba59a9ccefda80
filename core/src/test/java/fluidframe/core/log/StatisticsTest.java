package fluidframe.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against values published with the methods. */
class StatisticsTest {
    /** Newcombe 1998, intervals for the single proportion, the score method without continuity correction. */
    @ParameterizedTest
    @CsvSource({"81, 263, 0.2553, 0.3662", "15, 148, 0.0624, 0.1605", "0, 20, 0.0000, 0.1611", "1, 29, 0.0061, 0.1718"})
    void theRangeOfARateIsWilsons(int times, int of, double low, double high) {
        Rate rate = new Rate(times, of);
        assertThat(rate.low()).isCloseTo(low, within(0.00005));
        assertThat(rate.high()).isCloseTo(high, within(0.00005));
    }

    /** Newcombe 1998, differences of independent proportions, method 10. */
    @ParameterizedTest
    @CsvSource({
        "56, 70, 48, 80, 0.0524, 0.3339",
        "9, 10, 3, 10, 0.1705, 0.8090",
        "6, 7, 2, 7, 0.0582, 0.8062",
        "5, 56, 0, 29, -0.0381, 0.1926",
        "0, 10, 0, 20, -0.1611, 0.2775",
        "0, 10, 0, 10, -0.2775, 0.2775",
        "10, 10, 0, 20, 0.6791, 1.0000",
        "10, 10, 0, 10, 0.6075, 1.0000"
    })
    void theRangeOfADifferenceIsNewcombes(int times, int of, int before, int beforeOf, double low, double high) {
        Change change = Change.between(new Rate(before, beforeOf), new Rate(times, of));
        assertThat(change.low()).isCloseTo(low, within(0.00005));
        assertThat(change.high()).isCloseTo(high, within(0.00005));
    }

    /** Anscombe's four sets: 0.5 with a standard error of 0.118, eleven points, Student's t of 2.262. */
    @Test
    void theSlopeAndItsRangeAreThoseOfAnscombesFirstSet() {
        double[] x = {10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5};
        double[] y = {8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68};
        Trend trend = Trend.of(IntStream.range(0, x.length)
                        .mapToObj(i -> new Trend.Point(x[i], y[i]))
                        .toList())
                .orElseThrow();
        assertThat(trend.slope()).isCloseTo(0.5001, within(0.0001));
        assertThat(trend.high() - trend.slope()).isCloseTo(0.1179 * 2.2622, within(0.0002));
        assertThat(trend.isSure()).isTrue();
    }

    @Test
    void twoPointsAndPointsAtOneTimeHaveNoTrend() {
        assertThat(Trend.of(List.of(new Trend.Point(0, 1), new Trend.Point(1, 2))))
                .isEmpty();
        assertThat(Trend.of(List.of(new Trend.Point(1, 1), new Trend.Point(1, 2), new Trend.Point(1, 3))))
                .isEmpty();
    }

    @Test
    void nothingIsKnownOfNoRuns() {
        Rate none = new Rate(0, 0);
        assertThat(none.low()).isZero();
        assertThat(none.high()).isEqualTo(1);
        assertThat(Change.between(none, new Rate(3, 3)).verdict()).isEqualTo(Change.Verdict.UNSURE);
        assertThatThrownBy(() -> new Rate(4, 3)).hasMessage("A rate must be from 0 to all, but was 4 of 3");
    }

    /** A verdict on two halves that do not differ must be rare: this one seed makes a thousand couples of them. */
    @Test
    void whereNothingChangedHardlyAnythingIsCalledBetterOrWorse() {
        Random random = new Random(16);
        long called = IntStream.range(0, 1000)
                .filter(nth -> {
                    double share = 0.1 + 0.8 * random.nextDouble();
                    int of = 4 + random.nextInt(20);
                    Change change = Change.between(drawn(random, share, of), drawn(random, share, of));
                    return change.verdict() != Change.Verdict.UNSURE;
                })
                .count();
        assertThat(called).isLessThanOrEqualTo(60).isPositive();
    }

    private static Rate drawn(Random random, double share, int of) {
        return new Rate(
                (int) IntStream.range(0, of)
                        .filter(nth -> random.nextDouble() < share)
                        .count(),
                of);
    }
}
