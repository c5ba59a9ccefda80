package fluidframe.core.event;

import fluidframe.core.routine.Block;
import java.util.List;
import java.util.Optional;

/** Every figure is in the library: what is not known cannot be judged. */
final class FiguresDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        List<Integer> missing = performance.blocks(Block::isMissing);
        if (missing.isEmpty()) return Optional.empty();
        return Performance.line("Figures", false, "Not in the library: " + performance.named(missing) + ".", missing);
    }
}
