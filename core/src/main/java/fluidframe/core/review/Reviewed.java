package fluidframe.core.review;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;

/**
 * A card that has been asked.
 *
 * @param card by which it is known
 * @param at when it was asked last
 * @param due from when on it should be asked again
 * @param seen how often it was asked, 1 at least
 * @param lapses how often it was not recalled after it once had been
 */
public record Reviewed(String card, Memory memory, Instant at, Instant due, int seen, int lapses) {
    /** What was not recalled is asked again in the same sitting. */
    private static final Duration SOON = Duration.ofMinutes(2);

    private static final double SECONDS_OF_A_DAY = Duration.ofDays(1).toSeconds();

    public Reviewed {
        if (seen < 1) throw new IllegalArgumentException("A card that was asked was asked once at least");
    }

    /** As it stands after one more answer; it is due on a day, from its beginning there on. */
    public static Reviewed after(
            Optional<Reviewed> before, String card, Grade grade, Instant now, Fsrs model, ZoneId zone) {
        double days = before.map(one -> one.days(now)).orElse(0.0);
        Memory memory = model.after(before.map(Reviewed::memory), grade, days);
        Instant due = grade == Grade.AGAIN
                ? now.plus(SOON)
                : now.atZone(zone)
                        .toLocalDate()
                        .plusDays(model.interval(memory))
                        .atTime(LocalTime.MIN)
                        .atZone(zone)
                        .toInstant();
        boolean lapsed = grade == Grade.AGAIN && before.isPresent();
        return new Reviewed(
                card,
                memory,
                now,
                due,
                before.map(Reviewed::seen).orElse(0) + 1,
                before.map(Reviewed::lapses).orElse(0) + (lapsed ? 1 : 0));
    }

    /** Days since it was asked last, also parts of a day; none where the clock has been set back. */
    public double days(Instant now) {
        return Math.max(0, Duration.between(at, now).toSeconds() / SECONDS_OF_A_DAY);
    }

    public boolean isDue(Instant now) {
        return !due.isAfter(now);
    }
}
