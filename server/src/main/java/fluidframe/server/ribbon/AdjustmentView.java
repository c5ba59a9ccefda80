package fluidframe.server.ribbon;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.chart.Ending;
import fluidframe.core.link.Adjustment;
import org.springframework.lang.Nullable;

/** What would make a join possible: the corner before the figure, or the figure before it ended otherwise. */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record AdjustmentView(
        String words,
        boolean corner,
        int lastTurn,
        @Nullable String ending) {
    public static AdjustmentView of(Adjustment adjustment) {
        return new AdjustmentView(
                adjustment.words(),
                adjustment.corner(),
                adjustment.lastTurnSixteenths(),
                adjustment.ending() == Ending.AS_CHARTED
                        ? null
                        : adjustment.ending().toString());
    }
}
