package fluidframe.server.ribbon;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.chart.Column;
import fluidframe.core.handout.RoleSheet;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.lang.Nullable;

/** A routine as one dancer has to learn it. */
record RoleSheetView(List<SheetPartView> parts) {
    /** A figure or free element with the bar, the beat of it and the phrase in which it begins, all from 1. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record SheetPartView(
            String name,
            double beats,
            int bar,
            String beat,
            int phrase,
            @Nullable String problem,
            String note,
            List<String> cautions,
            List<SheetLineView> lines) {}

    /** A step: what is said on it, and what is charted of it by the key of the column. */
    record SheetLineView(int bar, String count, Map<String, String> cells) {}

    static RoleSheetView of(RoleSheet sheet, RoutineWork work) {
        List<SheetPartView> parts = new ArrayList<>();
        for (int i = 0; i < sheet.sections().size(); i++) {
            parts.add(
                    part(sheet.sections().get(i), BlockCautions.of(work.blocks().get(i))));
        }
        return new RoleSheetView(parts);
    }

    private static SheetPartView part(RoleSheet.Section section, List<String> cautions) {
        return new SheetPartView(
                section.name(),
                section.length().toDouble(),
                section.bar(),
                section.beat().toString(),
                section.phrase(),
                section.problem().orElse(null),
                section.note(),
                cautions,
                section.lines().stream()
                        .map(line -> new SheetLineView(line.bar(), line.count(), cells(line.cells())))
                        .toList());
    }

    private static Map<String, String> cells(Map<Column, String> charted) {
        Map<String, String> cells = new LinkedHashMap<>();
        charted.forEach((column, text) -> cells.put(column.key(), text));
        return cells;
    }
}
