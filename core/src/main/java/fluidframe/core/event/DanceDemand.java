package fluidframe.core.event;

import java.util.List;
import java.util.Optional;

/** The dance is one of the event's. */
final class DanceDemand implements Demand {
    @Override
    public Optional<Event.Line> judge(Performance performance) {
        boolean danced =
                performance.event().tempos().containsKey(performance.work().dance());
        String title = performance.work().dance().title();
        return Performance.line(
                "Dance", danced, danced ? title + " is danced there." : title + " is not danced there.", List.of());
    }
}
