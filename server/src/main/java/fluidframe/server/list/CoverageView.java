package fluidframe.server.list;

import fluidframe.core.count.Dance;
import fluidframe.library.list.Coverage;
import java.util.List;

/** How much of one dance is charted; counts as in {@link Coverage.OfDance}. */
record CoverageView(
        String dance,
        String title,
        boolean american,
        List<ChartedView> levels,
        int figures,
        int rows,
        int doubtfulRows,
        List<String> doubtfulFigures,
        int options,
        int variants,
        int parts,
        int pairs,
        int agreeing) {
    record ChartedView(String name, int listed, int charted, List<String> missing) {}

    static CoverageView of(Coverage.OfDance of) {
        return new CoverageView(
                of.dance().toString(),
                of.dance().title(),
                of.dance().style() == Dance.Style.AMERICAN,
                of.levels().stream()
                        .map(l -> new ChartedView(l.level(), l.listed(), l.charted(), l.missing()))
                        .toList(),
                of.figures(),
                of.rows(),
                of.doubtfulRows(),
                of.doubtfulFigures(),
                of.options(),
                of.variants(),
                of.parts(),
                of.pairs(),
                of.agreeing());
    }
}
