package fluidframe.library.figure;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.text.Problem;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChartSalvageTest {
    private static final List<Chart> SHIPPED = ShippedLibrary.load();

    private static Chart shipped(String id) {
        return SHIPPED.stream()
                .filter(chart -> chart.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private final Chart turn = shipped("waltz.natural-turn");
    private final ObjectNode document = ChartWriter.toJson(turn);

    private ObjectNode cells(String role, int row) {
        return (ObjectNode) document.at("/" + role + "/" + row);
    }

    @Test
    void aWholeChartIsReadAsItIs() {
        for (Chart chart : SHIPPED) {
            ChartSalvage.Result read = ChartSalvage.read(ChartWriter.toJson(chart));
            assertThat(read.problems()).isEmpty();
            assertThat(read.chart()).contains(chart);
        }
    }

    @Test
    void aLineOfAListThatCannotBeReadIsLeftOutAndTheOthersWork() {
        ArrayNode parts = document.putArray("parts");
        parts.addObject().put("steps", "1-3");
        parts.addObject().put("steps", "one to three");
        parts.addObject().put("steps", "4-99");
        parts.addObject().put("steps", "4-6");
        document.putArray("options").addObject().put("id", "x");
        ChartSalvage.Result read = ChartSalvage.read(document);
        assertThat(read.chart().orElseThrow().parts())
                .extracting(part -> part.id())
                .containsExactly("1-3", "4-6");
        assertThat(read.chart().orElseThrow().man()).isEqualTo(turn.man());
        assertThat(read.problems())
                .extracting(Problem::path)
                .contains("/parts/1/steps", "/parts/2")
                .anyMatch(p -> p.startsWith("/options/0"));
        assertThat(read.problems())
                .extracting(Problem::message)
                .contains("\"steps\" must be the numbers of two steps, such as 1-3, but was \"one to three\"");
        assertThat(read.rowsRead()).isEmpty();
    }

    @Test
    void aCellThatCannotBeReadCountsAsBlank() {
        cells("man", 1).put("turn", "one whole pancake");
        cells("lady", 2).put("sway", "up").put("colour", "red");
        ChartSalvage.Result read = ChartSalvage.read(document);
        assertThat(read.chart().orElseThrow().man().get(1).turn()).isEqualTo(Turn.NONE);
        assertThat(read.chart().orElseThrow().man()).hasSize(turn.man().size());
        assertThat(read.problems()).extracting(Problem::path).contains("/man/1/turn", "/lady/2/sway", "/lady/2/colour");
    }

    @Test
    void rowsAfterOneThatSaysTooLittleKeepTheirNumbersByNotBeingRead() {
        cells("man", 3).put("foot", "Q");
        ChartSalvage.Result read = ChartSalvage.read(document);
        assertThat(read.chart().orElseThrow().man()).isEqualTo(turn.man().subList(0, 3));
        assertThat(read.chart().orElseThrow().lady()).isEqualTo(turn.lady());
        assertThat(read.rowsRead()).containsOnly(java.util.Map.entry(Role.MAN, 3));
    }

    @Test
    void whatHasNeitherNameNorDanceIsToldAndNothingElse() {
        document.put("dance", " ");
        assertThat(ChartSalvage.read(document).chart()).isEmpty();
        assertThat(ChartSalvage.read(document).problems())
                .extracting(Problem::message)
                .anyMatch(m -> m.contains("must say its dance"));
        assertThat(ChartSalvage.read(JsonNodeFactory.instance.textNode("x")).chart())
                .isEmpty();
        assertThat(ChartSalvage.read("a: [").problems()).hasSize(1);
    }

    @Test
    void theShapeOfUnsavedWorkIsAskedForAndNotItsValues() {
        SHIPPED.forEach(chart ->
                assertThat(ChartSchema.shapeProblems(ChartWriter.toJson(chart))).isEmpty());
        cells("man", 1).put("foot", "Q").put("colour", 5).remove("count");
        document.putArray("repeats").addObject().put("least", "some").put("steps", true);
        assertThat(ChartSchema.shapeProblems(document)).isEmpty();
        document.put("man", "none").putArray("parts").add(1);
        document.putObject("name");
        assertThat(ChartSchema.shapeProblems(document))
                .extracting(Problem::path)
                .containsExactlyInAnyOrder("/man", "/parts/0", "/name");
        assertThat(ChartSchema.shapeProblems(JsonNodeFactory.instance.arrayNode()))
                .hasSize(1);
    }

    @Test
    void oneListOfTheWrongKindLeavesTheRest() {
        document.put("faults", "none").put("start", "closed").put("total", 5);
        JsonNode given = document.deepCopy();
        ChartSalvage.Result read = ChartSalvage.read(document);
        assertThat(read.chart().orElseThrow().man()).isEqualTo(turn.man());
        assertThat(read.problems()).extracting(Problem::path).contains("/faults", "/start", "/total");
        assertThat(document).isEqualTo(given);
    }
}
