package fluidframe.core.routine;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Part;
import fluidframe.core.link.Danceable;
import java.util.List;

/** A figure danced in two parts that follow each other, so that something can be put between them. */
public record Split(PlacedFigure first, PlacedFigure second) {
    /**
     * The ways to split a whole figure: a part from its first step and one from the step after that.
     *
     * @param corner whether the corner is taken before the figure; it is then taken before the first part
     * @return empty for a figure without such parts, and for one that is itself danced in part or as a variant
     */
    public static List<Split> of(Danceable danced, boolean corner) {
        if (danced.use().part().isPresent() || danced.use().variant().isPresent()) return List.of();
        Chart chart = danced.figure();
        return chart.parts().stream()
                .filter(first -> first.from() == 1)
                .flatMap(first -> chart.parts().stream()
                        .filter(second -> second.from() == first.to() + 1)
                        .map(second -> new Split(placed(chart, first, corner), placed(chart, second, false))))
                .toList();
    }

    private static PlacedFigure placed(Chart chart, Part part, boolean corner) {
        return new PlacedFigure(chart.id(), FigureUse.ofPart(part.id()), corner);
    }
}
