package fluidframe.core.log;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.function.Predicate;

/**
 * How weak a place is: the share of its runs in which a fault was seen there, a run of three weeks ago weighing half of one of
 * today.
 *
 * @param warmth from 0 to 1, weighed by age
 * @param rate as counted, without weights
 */
public record Heat(double warmth, Rate rate) {
    /** After this time what was seen weighs half. */
    public static final Duration HALF_LIFE = Duration.ofDays(21);

    /**
     * @param covers whether a run went over the place
     * @param faulty whether a fault was seen there
     */
    public static Heat of(List<Danced> runs, Predicate<Danced> covers, Predicate<Danced> faulty, Instant now) {
        double hot = 0;
        double all = 0;
        int times = 0;
        int of = 0;
        for (Danced run : runs) {
            boolean isFaulty = faulty.test(run);
            if (!isFaulty && !covers.test(run)) continue;
            double weight = weight(run.at(), now);
            all += weight;
            of++;
            if (!isFaulty) continue;
            hot += weight;
            times++;
        }
        return new Heat(all == 0 ? 0 : hot / all, new Rate(times, of));
    }

    /** From 1 for what was seen just now towards 0; what lies ahead weighs like now. */
    static double weight(Instant at, Instant now) {
        double age = Math.max(0, Duration.between(at, now).toSeconds());
        return Math.pow(0.5, age / HALF_LIFE.toSeconds());
    }
}
