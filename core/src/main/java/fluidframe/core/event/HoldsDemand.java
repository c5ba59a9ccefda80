package fluidframe.core.event;

import fluidframe.core.chart.Step;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.routine.Block;
import java.util.Optional;
import java.util.Set;

/** No hold is taken that may not be, at the start of a figure or within it. */
final class HoldsDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        Set<Hold> barred = performance.event().barredHolds();
        if (barred.isEmpty()) return Optional.empty();
        String names =
                String.join(", ", barred.stream().map(Hold::toString).sorted().toList());
        return performance.unless(
                performance.blocks(block -> takes(block, barred)),
                "Holds",
                "None of " + names + " is taken.",
                "Not permitted (" + names + "): ");
    }

    private static boolean takes(Block block, Set<Hold> barred) {
        if (block.isFree()) return false;
        if (barred.contains(block.danced().chart().start().hold())) return true;
        for (Role role : Role.values()) {
            for (Step step : block.danced().chart().steps(role)) {
                if (step.hold().map(barred::contains).orElse(false)) return true;
            }
        }
        return false;
    }
}
