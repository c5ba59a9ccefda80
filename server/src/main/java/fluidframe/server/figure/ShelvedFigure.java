package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.core.link.Danceable;

/**
 * A figure as lists and searches know it.
 *
 * @param chart the chart it was worked out from
 * @param text what a search looks through
 * @param summary what a list shows, without what the coach has done with it
 */
record ShelvedFigure(Chart chart, FigureSearch.Text text, FigureSummary summary) {
    static ShelvedFigure of(Danceable danced) {
        return new ShelvedFigure(danced.figure(), FigureSearch.Text.of(danced), FigureSummary.of(danced));
    }
}
