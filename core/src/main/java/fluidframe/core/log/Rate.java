package fluidframe.core.log;

import org.apache.commons.statistics.interval.BinomialConfidenceInterval;
import org.apache.commons.statistics.interval.Interval;

/**
 * How often something happened of the times it could have. Its range is what so few times can say: the score interval of Wilson,
 * which stays honest for small numbers and for none or all.
 *
 * @param times from 0
 * @param of at least {@code times}
 */
public record Rate(int times, int of) {
    /** The share of cases in which a range may be wrong. */
    public static final double ERROR = 0.05;

    public Rate {
        if (times < 0 || of < times) {
            throw new IllegalArgumentException("A rate must be from 0 to all, but was " + times + " of " + of);
        }
    }

    /** From 0 to 1; 0 where it could not have happened. */
    public double share() {
        return of == 0 ? 0 : (double) times / of;
    }

    /** The least that is likely, 95 times in 100; 0 where nothing is known. */
    public double low() {
        return low(ERROR);
    }

    /** The most that is likely; 1 where nothing is known. */
    public double high() {
        return high(ERROR);
    }

    double low(double error) {
        return of == 0 ? 0 : interval(error).getLowerBound();
    }

    double high(double error) {
        return of == 0 ? 1 : interval(error).getUpperBound();
    }

    private Interval interval(double error) {
        return BinomialConfidenceInterval.WILSON_SCORE.fromErrorRate(of, times, error);
    }

    /** {@code "4 of 11"}. */
    @Override
    public String toString() {
        return times + " of " + of;
    }
}
