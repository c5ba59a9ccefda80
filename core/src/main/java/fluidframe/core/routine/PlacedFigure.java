package fluidframe.core.routine;

import fluidframe.core.chart.FigureUse;
import java.util.Optional;

/**
 * One figure in a routine.
 *
 * @param figureId which figure
 * @param use whole, part or variant, and how much more or less of the last turn
 * @param corner whether the corner is taken before it, so that it begins on the new line of dance
 * @param timing id of another timing of the chart, if not the one in its rows
 */
public record PlacedFigure(String figureId, FigureUse use, boolean corner, Optional<String> timing) implements Placed {
    public PlacedFigure(String figureId, FigureUse use, boolean corner) {
        this(figureId, use, corner, Optional.empty());
    }
}
