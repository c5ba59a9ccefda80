package fluidframe.server.handout;

import fluidframe.core.count.Dance;
import fluidframe.core.list.FigureList;
import fluidframe.server.chart.EndView;
import fluidframe.server.handout.Block.Cell;
import fluidframe.server.handout.Block.Grid;
import fluidframe.server.handout.Block.Heading;
import fluidframe.server.handout.Block.Row;
import fluidframe.server.handout.Block.Words;
import fluidframe.server.repertoire.FigureSummary;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Every figure of a dance by the levels of a list, with how it begins and ends. */
final class SyllabusSheets {
    private static final String OTHERS = "Not on the list";

    private SyllabusSheets() {}

    static Sheet of(Wish wish, FigureList list, Map<Dance, List<FigureSummary>> dances) {
        List<Block> blocks = new ArrayList<>();
        dances.forEach((dance, figures) -> {
            if (dances.size() > 1) blocks.add(new Heading(2, dance.title(), figures.size() + " figures"));
            Map<String, List<FigureSummary>> levels = new LinkedHashMap<>();
            list.levels().forEach(level -> levels.put(level.name(), new ArrayList<>()));
            levels.put(OTHERS, new ArrayList<>());
            for (FigureSummary figure : figures)
                levels.get(list.levelOf(figure.id()).filter(levels::containsKey).orElse(OTHERS))
                        .add(figure);
            levels.forEach((level, of) -> {
                if (of.isEmpty()) return;
                blocks.add(new Heading(3, level, of.size() + (of.size() == 1 ? " figure" : " figures")));
                blocks.add(new Grid(
                        "syllabus",
                        List.of(
                                "Figure",
                                "Length",
                                "Begins",
                                "Ends",
                                wish.capital(fluidframe.core.couple.Role.MAN) + " turns"),
                        of.stream().map(SyllabusSheets::row).toList()));
            });
        });
        if (dances.values().stream().allMatch(List::isEmpty))
            blocks.add(new Words("note", "No figures are charted in this dance yet."));
        String title = dances.size() == 1 ? dances.keySet().iterator().next().title() : "All dances";
        return new Sheet(
                "Syllabus",
                title,
                List.of("by " + list.name(), "the list of your own organisation comes first"),
                "",
                blocks);
    }

    private static Row row(FigureSummary figure) {
        return Row.of(
                Cell.of("head", figure.name()),
                Cell.of(figure.bars()),
                Cell.of(end(figure.start())),
                Cell.of(end(figure.finish())),
                Cell.of("amount", figure.turn()));
    }

    private static String end(EndView end) {
        String foot = end.manFoot().isBlank() ? end.ladyFoot() : end.manFoot();
        return end.alignment() + ", " + foot + "F, " + (end.outside() ? "next step outside" : end.position());
    }
}
