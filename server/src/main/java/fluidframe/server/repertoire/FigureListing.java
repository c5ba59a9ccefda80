package fluidframe.server.repertoire;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.link.Danceable;

/**
 * A figure as lists and searches know it; of the coach's own figures it is kept beside the chart.
 *
 * @param text what a search looks through
 * @param summary what a list shows, without what the coach has done with it
 */
public record FigureListing(FigureSearch.Text text, FigureSummary summary) {
    static FigureListing of(Chart chart) {
        Danceable danced = Danceable.of(chart, FigureUse.WHOLE);
        return new FigureListing(FigureSearch.Text.of(danced), FigureSummary.of(danced));
    }
}
