package fluidframe.core.event;

import fluidframe.core.link.Danceable;
import fluidframe.core.routine.Block;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Nothing is danced that is barred by itself: a figure by its id or name, anything by what it is called. */
final class BarredDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        Set<String> barred = performance.event().barred();
        if (barred.isEmpty()) return Optional.empty();
        return performance.unless(
                performance.blocks(block -> isBarred(block, barred)),
                "Barred",
                "Nothing barred is danced.",
                "Barred: ");
    }

    private static boolean isBarred(Block block, Set<String> barred) {
        if (barred.contains(block.name().toLowerCase(Locale.ROOT))) return true;
        return block.figure()
                .map(Danceable::figure)
                .filter(figure -> barred.contains(figure.id())
                        || barred.contains(figure.identity().name().toLowerCase(Locale.ROOT)))
                .isPresent();
    }
}
