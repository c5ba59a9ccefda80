package fluidframe.core.routine;

import fluidframe.core.chart.FigureUse;

/**
 * One figure in a routine.
 *
 * @param figureId which figure
 * @param use whole, part or variant, and how much more or less of the last turn
 * @param corner whether the corner is taken before it, so that it begins on the new line of dance
 */
public record PlacedFigure(String figureId, FigureUse use, boolean corner) {}
