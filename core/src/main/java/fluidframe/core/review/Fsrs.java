package fluidframe.core.review;

import java.util.List;
import java.util.Optional;

/**
 * The free spaced repetition scheduler, version 6, by its published formulas and default parameters: recall falls with time as a
 * power of it, and every review changes stability and difficulty. Days may be parts of a day; within one day the formula for
 * reviews of the same day is used.
 */
public final class Fsrs {
    /** The published defaults. */
    static final List<Double> PUBLISHED = List.of(
            0.212, 1.2931, 2.3065, 8.2956, 6.4133, 0.8334, 3.0194, 0.001, 1.8722, 0.1666, 0.796, 1.4835, 0.0614, 0.2629,
            1.6483, 0.6014, 1.8729, 0.5425, 0.0912, 0.0658, 0.1542);

    /** Less is asked too seldom to be learned, more too often to be borne. */
    public static final double LEAST_WANTED = 0.7;

    public static final double MOST_WANTED = 0.97;
    public static final double USUALLY_WANTED = 0.9;

    private static final double LEAST_STABILITY = 0.001;
    private static final double MEASURED_AT = 0.9;
    private static final int MOST_DAYS = 36_500;
    private static final double EASIEST = 1;
    private static final double HARDEST = 10;

    private final double wanted;
    private final double decay = -PUBLISHED.get(20);
    private final double factor = Math.pow(MEASURED_AT, 1 / decay) - 1;

    /** @param wanted the share of cards that shall be recalled when they are asked, from {@value #LEAST_WANTED} to {@value #MOST_WANTED} */
    public Fsrs(double wanted) {
        if (!(wanted >= LEAST_WANTED && wanted <= MOST_WANTED)) {
            throw new IllegalArgumentException("Of ten cards 7 to 9.7 can be wanted to be recalled, but it was "
                    + Math.round(wanted * 1000) / 100.0);
        }
        this.wanted = wanted;
    }

    private static double w(int index) {
        return PUBLISHED.get(index);
    }

    /** How likely it is to be recalled after so many days, from 0 to 1. */
    public double recall(Memory memory, double days) {
        return Math.pow(1 + factor * days / memory.stability(), decay);
    }

    /** In so many whole days it is recalled as likely as is wanted; 1 at least. */
    public int interval(Memory memory) {
        return interval(memory.stability(), wanted);
    }

    int interval(double stability, double share) {
        double days = stability / factor * (Math.pow(share, 1 / decay) - 1);
        return (int) Math.max(1, Math.min(MOST_DAYS, Math.round(days)));
    }

    /**
     * After one more review.
     *
     * @param before empty where it has never been asked
     * @param days since it was asked last
     */
    public Memory after(Optional<Memory> before, Grade grade, double days) {
        if (before.isEmpty()) return new Memory(w(grade.number() - 1), difficultyAtFirst(grade));
        Memory memory = before.get();
        double stability = days < 1
                ? sameDay(memory, grade)
                : grade == Grade.AGAIN
                        ? forgotten(memory, recall(memory, days))
                        : recalled(memory, grade, recall(memory, days));
        return new Memory(Math.max(LEAST_STABILITY, stability), difficulty(memory, grade));
    }

    private static double difficultyAtFirst(Grade grade) {
        return clamped(unclamped(grade));
    }

    private static double unclamped(Grade grade) {
        return w(4) - Math.exp(w(5) * (grade.number() - 1)) + 1;
    }

    private static double clamped(double difficulty) {
        return Math.min(HARDEST, Math.max(EASIEST, difficulty));
    }

    /** Moves less the nearer it is to the hardest, and a little towards the easiest. */
    private static double difficulty(Memory memory, Grade grade) {
        double change = -w(6) * (grade.number() - Grade.GOOD.number());
        double moved = memory.difficulty() + (HARDEST - memory.difficulty()) * change / (HARDEST - EASIEST);
        return clamped(w(7) * unclamped(Grade.EASY) + (1 - w(7)) * moved);
    }

    private static double recalled(Memory memory, Grade grade, double recall) {
        double hard = grade == Grade.HARD ? w(15) : 1;
        double easy = grade == Grade.EASY ? w(16) : 1;
        return memory.stability()
                * (1
                        + Math.exp(w(8))
                                * (HARDEST + 1 - memory.difficulty())
                                * Math.pow(memory.stability(), -w(9))
                                * Math.expm1((1 - recall) * w(10))
                                * hard
                                * easy);
    }

    private static double forgotten(Memory memory, double recall) {
        double after = w(11)
                * Math.pow(memory.difficulty(), -w(12))
                * (Math.pow(memory.stability() + 1, w(13)) - 1)
                * Math.exp((1 - recall) * w(14));
        return Math.min(after, memory.stability() / Math.exp(w(17) * w(18)));
    }

    private static double sameDay(Memory memory, Grade grade) {
        double increase =
                Math.exp(w(17) * (grade.number() - Grade.GOOD.number() + w(18))) * Math.pow(memory.stability(), -w(19));
        return memory.stability() * (grade.compareTo(Grade.GOOD) >= 0 ? Math.max(1, increase) : increase);
    }
}
