package fluidframe.core.rule.partner;

import fluidframe.core.ledger.Ledger.Moment;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Which moments belong to work on the same foot, as it is danced between one change of feet and the next. */
final class SameFoot {
    /** A slip of the pen makes one row the same and its neighbours not; nobody changes feet for fewer rows than these. */
    private static final int LEAST = 4;

    private SameFoot() {}

    /**
     * The moments of all runs in which both step on the same foot at least {@value #LEAST} times running. Before and after such a run
     * they step on opposite feet, for it begins and ends with a change of feet: one role copied from the other has none.
     */
    static Set<Moment> work(Collection<Moment> moments) {
        List<Moment> all = List.copyOf(moments);
        Set<Moment> work = new HashSet<>();
        int from = 0;
        for (int i = 0; i <= all.size(); i++) {
            if (i < all.size() && isSame(all.get(i))) continue;
            boolean changed = from > 0 && i < all.size();
            if (changed && i - from >= LEAST) work.addAll(all.subList(from, i));
            from = i + 1;
        }
        return work;
    }

    private static boolean isSame(Moment moment) {
        return moment.man().step().foot() == moment.lady().step().foot();
    }
}
