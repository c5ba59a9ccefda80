package fluidframe.core.link;

import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Dance;
import fluidframe.core.step.Foot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * All whole figures of a dance and the joins between them, in the order in which they make a map: figures that begin alike stand
 * together, and so do figures that end alike.
 *
 * @param beginnings the figures by how they begin
 * @param endings the same figures by how they end
 * @param cells every pair that can be joined or is customary
 */
public record LinkMap(List<Band> beginnings, List<Band> endings, List<Cell> cells) {
    /** Figures that begin (or end) in one couple position with one foot of the man free, in order of their names. */
    public record Band(String position, Foot manFree, List<String> figures) {
        public Band {
            figures = List.copyOf(figures);
        }
    }

    /**
     * Two figures in order by their ids.
     *
     * @param best the most favourable computed answer for the whole figures, over all alignments of the first
     * @param customary whether a chart lists them
     * @param otherwise whether a part or variant of one of them joins, where the whole figures do not
     */
    public record Cell(String before, String after, Link best, boolean customary, boolean otherwise) {}

    public LinkMap {
        beginnings = List.copyOf(beginnings);
        endings = List.copyOf(endings);
        cells = List.copyOf(cells);
    }

    public static LinkMap of(Repertoire repertoire, Dance dance) {
        List<Danceable> whole = repertoire.of(dance).stream()
                .filter(danced -> danced.use().equals(FigureUse.WHOLE))
                .sorted(Comparator.comparing(Danceable::name))
                .toList();
        List<Cell> cells = new ArrayList<>();
        for (Danceable before : whole) {
            List<Arrival> arrivals = Customary.arrivals(before);
            for (Danceable after : whole) {
                boolean customary = Customary.isNamed(before.figure(), after.figure());
                // Feet, position and hold are the same on every alignment, and most pairs end here.
                if (!customary && !Linker.mayFollow(arrivals.get(0), after)) continue;
                Link best = Customary.best(arrivals, after);
                if (customary || best.verdict() != Link.Verdict.NO) {
                    cells.add(new Cell(
                            before.figure().id(),
                            after.figure().id(),
                            best,
                            customary,
                            best.verdict() == Link.Verdict.NO && joinsOtherwise(repertoire, before, after)));
                }
            }
        }
        return new LinkMap(bands(whole, true), bands(whole, false), cells);
    }

    private static boolean joinsOtherwise(Repertoire repertoire, Danceable before, Danceable after) {
        List<Danceable> first = repertoire.usesOf(before.figure().id());
        List<Danceable> second = repertoire.usesOf(after.figure().id());
        return Customary.best(first, second).verdict() != Link.Verdict.NO;
    }

    private static List<Band> bands(List<Danceable> whole, boolean beginning) {
        List<Band> bands = new ArrayList<>();
        for (Danceable danced : whole) {
            Arrival end = Arrival.after(danced);
            String position = danced.isSolo()
                    ? "alone"
                    : beginning
                            ? danced.chart().start().position().toString()
                            : end.position().toString();
            Foot free = beginning
                    ? danced.ledger().of(danced.leader()).rows().get(0).step().foot()
                    : end.manFree();
            int at = -1;
            for (int i = 0; i < bands.size(); i++) {
                if (bands.get(i).position().equals(position) && bands.get(i).manFree() == free) at = i;
            }
            List<String> figures =
                    new ArrayList<>(at < 0 ? List.of() : bands.get(at).figures());
            figures.add(danced.figure().id());
            Band band = new Band(position, free, figures);
            if (at < 0) bands.add(band);
            else bands.set(at, band);
        }
        bands.sort(Comparator.comparingInt((Band band) -> -band.figures().size())
                .thenComparing(Band::position)
                .thenComparing(Band::manFree));
        return bands;
    }
}
