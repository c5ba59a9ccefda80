package fluidframe.core.event;

import fluidframe.core.routine.Junction;
import java.util.List;
import java.util.Optional;

/** Every figure can be joined to the one before it. */
final class JoinsDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        List<Integer> broken = performance.work().junctions().stream()
                .filter(Junction::isBroken)
                .map(Junction::index)
                .toList();
        return performance.unless(broken, "Joins", "Every join holds.", "Cannot be joined as they stand: ");
    }
}
