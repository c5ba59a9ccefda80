package fluidframe.core.log;

/**
 * What became of a rate: the difference of two with the range in which it lies, by Newcombe's hybrid of two score intervals.
 * Nothing is called rarer or more often while no difference is within the range.
 *
 * @param low the least difference that is likely, from -1 to 1
 * @param high the greatest
 */
public record Change(Rate before, Rate after, double low, double high) {
    /** What may be said of it. */
    public enum Verdict {
        RARER,
        MORE_OFTEN,
        /** As far as so few runs can say, it may be the same. */
        UNSURE
    }

    public static Change between(Rate before, Rate after) {
        return between(before, after, Rate.ERROR);
    }

    /** @param error the share of cases in which the range may be wrong, smaller where several are tried */
    public static Change between(Rate before, Rate after, double error) {
        if (before.of() == 0 || after.of() == 0) return new Change(before, after, -1, 1);
        double difference = after.share() - before.share();
        double down = Math.hypot(after.share() - after.low(error), before.high(error) - before.share());
        double up = Math.hypot(after.high(error) - after.share(), before.share() - before.low(error));
        return new Change(before, after, Math.max(-1, difference - down), Math.min(1, difference + up));
    }

    public Verdict verdict() {
        if (high < 0) return Verdict.RARER;
        return low > 0 ? Verdict.MORE_OFTEN : Verdict.UNSURE;
    }
}
