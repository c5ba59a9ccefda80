package fluidframe.library.list;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Repertoire;
import fluidframe.core.list.FigureList;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;

/** How much of a list is charted, and how sure the charts are, dance by dance. */
public final class Coverage {
    private Coverage() {}

    /**
     * One dance.
     *
     * @param levels what the list asks for and what is charted of it, level by level
     * @param figures charts of this dance, also those on no level
     * @param rows their rows, both roles
     * @param doubtfulRows rows of which the charter was not sure
     * @param doubtfulFigures names of the figures with such rows
     * @param options other schools' ways that can be switched on
     * @param variants customary variants
     * @param parts stretches by which figures may be entered and left
     * @param pairs customary neighbours named by the charts
     * @param agreeing how many of these also compute
     */
    public record OfDance(
            Dance dance,
            List<OfLevel> levels,
            int figures,
            int rows,
            int doubtfulRows,
            List<String> doubtfulFigures,
            int options,
            int variants,
            int parts,
            int pairs,
            int agreeing) {}

    /**
     * One level of one dance.
     *
     * @param listed how many figures the list has
     * @param missing those not charted, as words
     */
    public record OfLevel(String level, int listed, List<String> missing) {
        public int charted() {
            return listed - missing.size();
        }
    }

    /** Of every dance with a figure in the repertoire or on the list. */
    public static List<OfDance> of(FigureList list, Repertoire repertoire) {
        List<OfDance> dances = new ArrayList<>();
        for (Dance dance : Dance.values()) {
            List<Chart> charts = repertoire.charts().stream()
                    .filter(chart -> chart.dance() == dance)
                    .toList();
            List<OfLevel> levels = levels(list, dance, repertoire);
            if (!charts.isEmpty() || !levels.isEmpty()) dances.add(ofDance(dance, levels, charts, repertoire));
        }
        return dances;
    }

    private static OfDance ofDance(Dance dance, List<OfLevel> levels, List<Chart> charts, Repertoire repertoire) {
        List<Customary.Pair> pairs = Customary.pairs(repertoire, dance);
        return new OfDance(
                dance,
                levels,
                charts.size(),
                (int) rows(charts).count(),
                (int) rows(charts).filter(Step::doubtful).count(),
                charts.stream()
                        .filter(chart -> rows(List.of(chart)).anyMatch(Step::doubtful))
                        .map(chart -> chart.identity().name())
                        .toList(),
                charts.stream().mapToInt(chart -> chart.options().size()).sum(),
                charts.stream().mapToInt(chart -> chart.variants().size()).sum(),
                charts.stream().mapToInt(chart -> chart.parts().size()).sum(),
                pairs.size(),
                (int) pairs.stream().filter(Customary.Pair::agrees).count());
    }

    private static Stream<Step> rows(Collection<Chart> charts) {
        return charts.stream().flatMap(chart -> Stream.concat(chart.man().stream(), chart.lady().stream()));
    }

    private static List<OfLevel> levels(FigureList list, Dance dance, Repertoire repertoire) {
        List<OfLevel> levels = new ArrayList<>();
        for (FigureList.Level level : list.levels()) {
            List<String> listed = level.figures().stream()
                    .filter(id -> id.startsWith(dance + "."))
                    .toList();
            if (listed.isEmpty()) continue;
            levels.add(new OfLevel(
                    level.name(),
                    listed.size(),
                    listed.stream()
                            .filter(id -> repertoire.chart(id).isEmpty())
                            .map(id -> id.substring(id.indexOf('.') + 1).replace('-', ' '))
                            .toList()));
        }
        return levels;
    }
}
