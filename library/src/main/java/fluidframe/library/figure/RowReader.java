package fluidframe.library.figure;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.library.text.Cells;
import java.util.List;
import java.util.Optional;

/** Reads the rows of a role, cell by cell. */
final class RowReader {
    private final Cells cells;

    RowReader(Cells cells) {
        this.cells = cells;
    }

    List<Step> read(JsonNode object, String path, String role) {
        return cells.objects(object, path, role, this::row);
    }

    private Optional<Step> row(JsonNode row, String path) {
        StepDraft draft = StepDraft.empty();
        boolean complete = true;
        for (Column column : Column.values()) {
            String text = row.path(column.key()).asText("");
            if (text.isBlank()) {
                if (!column.isRequired()) continue;
                cells.refuse(path + "/" + column, "A row must have a " + column);
                complete = false;
            } else if (cells.parse(path + "/" + column, text, t -> draft.set(column, t))
                    .isEmpty()) {
                complete = complete && !column.isRequired();
            }
        }
        draft.doubtful(row.path("doubtful").asBoolean(false));
        return complete ? Optional.of(draft.step()) : Optional.empty();
    }
}
