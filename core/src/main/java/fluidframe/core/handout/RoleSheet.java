package fluidframe.core.handout;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Beats;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.link.Condition;
import fluidframe.core.link.Danceable;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** A routine as one dancer has to learn it: a line a step, on the alignments on which the routine dances it. */
public record RoleSheet(List<Section> sections) {
    /**
     * A figure or free element.
     *
     * @param bar the bar in which it begins, from 1
     * @param beat the beat of it, from 1
     * @param phrase the phrase in which it begins, from 1
     * @param problem why it cannot follow what stands before it, in a sentence that names the roles by placeholders; empty
     *     also where the coach lets it stand
     * @param note what the coach says of it here
     * @param lines empty for a free element, and while only the partner dances
     */
    public record Section(
            String name,
            Beats length,
            int bar,
            Beats beat,
            int phrase,
            Optional<String> problem,
            String note,
            List<Line> lines) {}

    /**
     * A step.
     *
     * @param bar the bar in which it begins, from 1
     * @param count what is said on it
     * @param cells what is charted of it besides; a column that says nothing is left out
     */
    public record Line(int bar, String count, Map<Column, String> cells) {}

    public RoleSheet {
        sections = List.copyOf(sections);
    }

    /**
     * Counted in one language where the figure can be said in it, and as charted where it cannot.
     *
     * @param language empty for as charted
     */
    public static RoleSheet of(Routine routine, RoutineWork work, Role role, Optional<CountLanguage> language) {
        Map<Integer, Junction> joins = work.junctions().stream().collect(Collectors.toMap(Junction::index, j -> j));
        List<Section> sections = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            Block block = work.blocks().get(i);
            int bar = block.bar(work.dance().bar());
            boolean accepted = !routine.places().get(i).accepted().isBlank();
            Optional<Junction> join = Optional.ofNullable(joins.get(i)).filter(one -> one.isBroken() && !accepted);
            sections.add(new Section(
                    block.name(),
                    block.length(),
                    bar,
                    block.start().remainder(work.dance().bar()).plus(Beats.ONE),
                    (bar - 1) / routine.phraseBars() + 1,
                    block.missing().or(() -> join.map(RoleSheet::told)),
                    routine.places().get(i).note(),
                    block.figure()
                            .map(danced -> lines(block, danced, role, language))
                            .orElse(List.of())));
        }
        return new RoleSheet(sections);
    }

    private static String told(Junction join) {
        return join.link().obstacles().stream().map(Condition::told).collect(Collectors.joining(" "));
    }

    private static List<Line> lines(Block block, Danceable danced, Role role, Optional<CountLanguage> language) {
        Chart chart = danced.chart();
        List<String> said = language.map(chosen -> chart.said(role, chosen)).orElse(List.of());
        List<Line> lines = new ArrayList<>();
        for (LedgerRow row : danced.ledger().of(role).rows()) {
            Beats bar = chart.dance().bar();
            String charted = Column.COUNT.of(row.step(), chart.dance());
            lines.add(new Line(
                    block.start().plus(row.onset()).dividedBy(bar) + 1,
                    said.isEmpty() ? charted : said.get(row.number() - 1),
                    cells(row.step(), chart, block.rotation())));
        }
        return lines;
    }

    /** What is charted of a row besides its count, on the alignment on which it is danced; empty columns are left out. */
    public static Map<Column, String> cells(Step step, Chart chart, int rotation) {
        Map<Column, String> cells = new EnumMap<>(Column.class);
        for (Column column : Column.values()) {
            if (column == Column.COUNT || column == Column.SAY) continue;
            String text = column == Column.ALIGN
                    ? step.alignment()
                            .map(charted -> charted.rotated(rotation).toString())
                            .orElse("")
                    : column.of(step, chart.dance());
            if (!text.isBlank()) cells.put(column, text);
        }
        return cells;
    }
}
