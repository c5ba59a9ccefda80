package fluidframe.core.event;

import java.util.List;
import java.util.Optional;

/** Free elements only where they are permitted; what is done in them has to be asked. */
final class ElementsDemand implements Demand {
    private static final String ABOUT = "Free elements";

    @Override
    public Optional<Event.Line> judge(Performance performance) {
        List<Integer> free = performance.blocks(block -> block.isFree() && !block.isMissing());
        if (free.isEmpty()) return Optional.empty();
        String named = performance.named(free) + ".";
        if (!performance.event().freeElements()) {
            return Performance.line(ABOUT, false, "None are permitted, but there are: " + named, free);
        }
        return Optional.of(new Event.Line(
                ABOUT,
                Event.Verdict.ASK,
                "What is done in them no chart tells; ask the organiser about lifts and supports: " + named,
                free));
    }
}
