package fluidframe.library.figure;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Difference;
import fluidframe.library.text.Format;
import fluidframe.library.text.ReadResult;
import fluidframe.library.text.Salvaged;
import java.util.List;
import java.util.Optional;

/**
 * Charts in the open format {@code fluidframe/figure@1}. Cells are the coach's words, so {@code 1.5} stays as written; what
 * cannot be read of a kept chart is salvaged row by row.
 */
public final class ChartFormat extends Format<Chart> {
    public static final ChartFormat CHART = new ChartFormat();

    private ChartFormat() {
        super("figure");
    }

    @Override
    public ReadResult<Chart> read(String text) {
        return ChartReader.read(text);
    }

    @Override
    public ReadResult<Chart> read(JsonNode document) {
        return ChartReader.read(document);
    }

    /** A chart of which not even name and dance can be read is an empty one under the name of what was lost. */
    @Override
    public Salvaged<Chart> salvage(String kept) {
        ChartSalvage.Result result = ChartSalvage.read(kept);
        return new Salvaged<>(result.chart().orElseGet(() -> read(blank()).orThrow()), result.problems());
    }

    /** As far as a text that was kept can be read; empty where not even its name and dance can be. */
    public Optional<Chart> salvageable(String kept) {
        return ChartSalvage.read(kept).chart();
    }

    @Override
    protected Chart contents(JsonNode document, Cells cells) {
        return ChartReader.read(document).orThrow();
    }

    @Override
    public ObjectNode toJson(Chart chart) {
        return ChartWriter.toJson(chart);
    }

    @Override
    public List<Difference> differences(Chart before, Chart after) {
        return ChartDifference.between(before, after).stream()
                .map(change -> new Difference(
                        change.role().isEmpty()
                                ? change.key()
                                : "{" + change.role() + "} " + change.step() + ", " + change.key(),
                        change.before(),
                        change.after()))
                .toList();
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank =
                begun().put("id", "waltz.unnamed").put("dance", "waltz").put("name", "Unnamed");
        blank.putArray("man").addObject().put("count", "1").put("foot", "R").put("place", "forward");
        return blank;
    }
}
