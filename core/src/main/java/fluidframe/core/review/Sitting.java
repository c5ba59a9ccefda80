package fluidframe.core.review;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Which cards are asked in one sitting: what is due, the most nearly forgotten first, and now and then a new one. */
public final class Sitting {
    /** After so many that are due comes a new one. */
    private static final int DUE_BEFORE_A_NEW_ONE = 2;

    private Sitting() {}

    /**
     * The cards in the order in which they are asked.
     *
     * @param known those that have been asked before
     * @param fresh those that have not, in the order in which they are to be learned
     * @param most of all together
     * @param mostFresh new ones among them
     */
    public static List<String> of(
            List<Reviewed> known, List<String> fresh, int most, int mostFresh, Fsrs model, Instant now) {
        List<String> due = known.stream()
                .filter(card -> card.isDue(now))
                .sorted(Comparator.comparingDouble((Reviewed card) -> model.recall(card.memory(), card.days(now)))
                        .thenComparing(Reviewed::card))
                .map(Reviewed::card)
                .toList();
        List<String> sitting = new ArrayList<>();
        int nextDue = 0;
        int nextFresh = 0;
        int freshLeft = Math.min(mostFresh, fresh.size());
        while (sitting.size() < most && (nextDue < due.size() || nextFresh < freshLeft)) {
            boolean turn = (sitting.size() + 1) % (DUE_BEFORE_A_NEW_ONE + 1) == 0;
            if (nextFresh < freshLeft && (turn || nextDue == due.size())) {
                sitting.add(fresh.get(nextFresh));
                nextFresh++;
            } else {
                sitting.add(due.get(nextDue));
                nextDue++;
            }
        }
        return sitting;
    }
}
