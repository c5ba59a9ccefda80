package fluidframe.library;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Count;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Turn;
import fluidframe.core.step.ContraBody;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Sway;
import fluidframe.core.step.Weight;
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
        Optional<Count> count = required(row, path, "count", Count::parse);
        Optional<Foot> foot = required(row, path, "foot", Foot::parse);
        Optional<Placement> placement = required(row, path, "place", Placement::parse);
        Optional<Alignment> alignment = cells.read(row, path, "align", Alignment::parse);
        Turn turn = cells.read(row, path, "turn", Turn::parse, Turn.NONE);
        Optional<Weight> weight = cells.read(row, path, "weight", Weight::parse);
        Optional<Footwork> footwork = cells.read(row, path, "work", Footwork::parse);
        RiseFall rise = cells.read(row, path, "rise", RiseFall::parse, RiseFall.NONE);
        ContraBody cbm = cells.read(row, path, "cbm", ContraBody::parse, ContraBody.NONE);
        Sway sway = cells.read(row, path, "sway", Sway::parse, Sway.STRAIGHT);
        Optional<CouplePosition> position = cells.read(row, path, "position", CouplePosition::parse);
        Optional<Hold> hold = cells.read(row, path, "hold", Hold::parse);
        if (count.isEmpty() || foot.isEmpty() || placement.isEmpty()) return Optional.empty();
        return Optional.of(new Step(
                count.get(),
                foot.get(),
                placement.get(),
                alignment,
                turn,
                weight,
                footwork,
                rise,
                cbm,
                sway,
                position,
                hold,
                row.path("note").asText("").strip(),
                row.path("doubtful").asBoolean(false)));
    }

    private <T> Optional<T> required(
            JsonNode row, String path, String key, java.util.function.Function<String, T> parse) {
        if (row.path(key).asText().isBlank()) {
            cells.refuse(path + "/" + key, "A row must have a " + key);
            return Optional.empty();
        }
        return cells.read(row, path, key, parse);
    }
}
