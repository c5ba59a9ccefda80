package fluidframe.library;

import fluidframe.core.chart.Chart;
import java.util.List;
import java.util.Optional;

/** Either a chart, or all the problems in the way of reading one. */
public record ReadResult(Optional<Chart> chart, List<Problem> problems) {
    public ReadResult {
        problems = List.copyOf(problems);
    }

    /** The chart; refuses with the first problem if there is none. */
    public Chart orThrow() {
        return chart.orElseThrow(
                () -> new IllegalArgumentException(problems.get(0).toString()));
    }
}
