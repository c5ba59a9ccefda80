package fluidframe.core.event;

import java.util.Optional;
import java.util.Set;

/** No figure is above the level, where there is one. */
final class LevelDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        Set<String> permitted = performance.event().permitted();
        if (permitted.isEmpty()) return Optional.empty();
        String level = performance.event().level();
        return performance.unless(
                performance.blocks(block -> block.figure()
                        .map(danced -> !permitted.contains(danced.figure().id()))
                        .orElse(false)),
                "Level",
                "Every figure is permitted up to " + level + ".",
                "Not permitted up to " + level + ": ");
    }
}
