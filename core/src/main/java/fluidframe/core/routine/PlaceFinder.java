package fluidframe.core.routine;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Reading;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Repertoire;
import java.util.List;

/** Finds what a place of a routine names; refuses, saying what is wrong and what to do, what is not to be had. */
final class PlaceFinder {
    private PlaceFinder() {}

    static Danceable of(PlacedFigure figure, Dance dance, Repertoire repertoire) {
        Chart chart = repertoire
                .chart(figure.figureId())
                .orElseThrow(() -> new IllegalArgumentException("The figure \"" + figure.figureId()
                        + "\" is not in the library: bring it back or put another in its place"));
        String name = chart.identity().name();
        if (chart.dance() != dance) {
            throw new IllegalArgumentException(name + " is a figure of "
                    + chart.dance().title() + " and this routine is " + dance.title() + ": put another in its place");
        }
        Danceable danced = repertoire
                .find(figure.figureId(), figure.use())
                .orElseThrow(() -> new IllegalArgumentException(
                        name + " has no " + way(figure, chart) + " any more: choose anew how it is danced"));
        if (figure.timing().isEmpty()) return danced;
        return Danceable.of(new Reading(figure.timing(), List.of(), List.of()).of(danced.figure()), figure.use());
    }

    private static String way(PlacedFigure figure, Chart chart) {
        FigureUse use = figure.use();
        if (use.withOptions(List.of()).existsIn(chart) && !use.existsIn(chart)) {
            return "option " + String.join(" or ", use.options());
        }
        if (use.existsIn(chart)) return use.ending() + " ending";
        if (use.once().existsIn(chart)) return "such repeat";
        return use.variant()
                .or(() -> figure.use().part())
                .map(id -> "\"" + id + "\"")
                .orElse("such repeat");
    }

    /** What the figure is called, by its id where nothing else is known. */
    static String name(PlacedFigure figure, Repertoire repertoire) {
        return repertoire
                .chart(figure.figureId())
                .map(chart -> chart.identity().name())
                .orElse(figure.figureId());
    }
}
