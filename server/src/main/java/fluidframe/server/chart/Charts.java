package fluidframe.server.chart;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.library.figure.ChartFormat;
import fluidframe.server.refusal.UnreadableException;

/** Charts as they come in requests. */
public final class Charts {
    private Charts() {}

    /** Refuses with every problem and its path. */
    public static Chart read(JsonNode document) {
        return ChartFormat.CHART.read(document).orThrow(UnreadableException::new);
    }
}
