package fluidframe.server.record;

import fluidframe.core.log.Change;
import fluidframe.core.log.Rate;
import java.util.Locale;

/**
 * How often, of how many, and what so few can say.
 *
 * @param low the least share that is likely, from 0 to 1
 * @param high the greatest
 */
record RateView(int times, int of, double low, double high) {
    static RateView of(Rate rate) {
        return new RateView(rate.times(), rate.of(), rounded(rate.low()), rounded(rate.high()));
    }

    static double rounded(double share) {
        return Math.round(share * 1000) / 1000.0;
    }

    /**
     * What became of a rate.
     *
     * @param verdict rarer, more-often or unsure
     */
    record ChangeView(RateView before, RateView after, double low, double high, String verdict) {
        static ChangeView of(Change change) {
            return new ChangeView(
                    RateView.of(change.before()),
                    RateView.of(change.after()),
                    rounded(change.low()),
                    rounded(change.high()),
                    change.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
    }
}
