package fluidframe.library;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.check.RuleBook;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.Turn;
import fluidframe.core.rule.Fix;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Makes one plausible slip of the pen in every row of every shipped chart and counts how many the rules find. */
class SlipsTest {
    private static final List<String> ROLES = List.of("man", "lady");

    /** A chart with one slip, and of which kind it is. */
    private record Slip(String kind, String where, ObjectNode document) {}

    private static List<Slip> slips(Chart chart) {
        List<Slip> slips = new ArrayList<>();
        ObjectNode original = ChartWriter.toJson(chart);
        for (String role : ROLES) {
            for (int i = 0; i < original.withArray(role).size(); i++) {
                ObjectNode row = (ObjectNode) original.withArray(role).get(i);
                String where = chart.id() + " " + role + " " + (i + 1);
                ObjectNode lost = original.deepCopy();
                ((ArrayNode) lost.get(role)).remove(i);
                if (chart.parts().isEmpty() && chart.variants().isEmpty())
                    slips.add(new Slip("beat lost", where, lost));
                slips.add(slip(
                        "foot swapped",
                        where,
                        original,
                        role,
                        i,
                        "foot",
                        row.get("foot").asText().equals("L") ? "R" : "L"));
                Alignment laid = Alignment.parse(row.get("align").asText());
                Direction mirrored = Direction.of(-laid.direction().sixteenths());
                if (!mirrored.equals(laid.direction())) {
                    slips.add(slip(
                            "alignment mirrored",
                            where,
                            original,
                            role,
                            i,
                            "align",
                            Alignment.of(laid.kind(), mirrored).toString()));
                }
                Alignment.Kind other =
                        laid.kind() == Alignment.Kind.BACKING ? Alignment.Kind.FACING : Alignment.Kind.BACKING;
                slips.add(slip(
                        "facing for backing",
                        where,
                        original,
                        role,
                        i,
                        "align",
                        Alignment.of(other, laid.direction()).toString()));
                Turn turn = row.has("turn") ? Turn.parse(row.get("turn").asText()) : Turn.NONE;
                if (turn.sixteenths() != 0) {
                    slips.add(slip(
                            "turn changed by 1/8",
                            where,
                            original,
                            role,
                            i,
                            "turn",
                            turn.plus(2).toString()));
                    slips.add(slip(
                            "turn to the other side",
                            where,
                            original,
                            role,
                            i,
                            "turn",
                            turn.mirrored().toString()));
                }
                String work = row.path("work").asText();
                if (work.equals("T") && row.path("rise").asText().equals("continue")) {
                    slips.add(slip("heel lowered", where, original, role, i, "work", "TH"));
                }
                slips.add(slip(
                        "position changed",
                        where,
                        original,
                        role,
                        i,
                        "position",
                        row.path("position").asText().equals("fan") ? "closed" : "fan"));
            }
        }
        return slips;
    }

    private static Slip slip(
            String kind, String where, ObjectNode original, String role, int row, String key, String text) {
        ObjectNode document = original.deepCopy();
        ((ObjectNode) document.get(role).get(row)).put(key, text);
        return new Slip(kind, where, document);
    }

    @Test
    void findsAtLeastNineteenOfTwentySlipsOfEveryKind() {
        Map<String, int[]> counts = new TreeMap<>();
        List<String> missed = new ArrayList<>();
        for (Chart chart : ShippedLibrary.load()) {
            for (Slip slip : slips(chart)) {
                ReadResult read = ChartReader.read(slip.document());
                boolean found = read.chart().isEmpty()
                        || RuleBook.standard().check(Sheet.of(read.chart().get())).stream()
                                .anyMatch(RuleBook.Checked::isOpen);
                int[] count = counts.computeIfAbsent(slip.kind(), kind -> new int[2]);
                count[0]++;
                if (found) count[1]++;
                else missed.add(slip.kind() + ": " + slip.where());
            }
        }
        counts.forEach((kind, count) -> System.out.printf("%-24s %3d of %3d found%n", kind, count[1], count[0]));
        assertThat(counts).hasSize(8);
        counts.forEach((kind, count) -> assertThat(count[1])
                .as(kind + ", missed " + missed)
                .isGreaterThanOrEqualTo((int) Math.ceil(count[0] * 0.95)));
    }

    @Test
    void everyFixSettlesTheFindingItBelongsTo() {
        int fixed = 0;
        for (Chart chart : ShippedLibrary.load()) {
            for (Slip slip : slips(chart)) {
                ReadResult read = ChartReader.read(slip.document());
                if (read.chart().isEmpty()) continue;
                for (RuleBook.Checked checked :
                        RuleBook.standard().check(Sheet.of(read.chart().get()))) {
                    if (checked.finding().fix().isEmpty()) continue;
                    Fix fix = checked.finding().fix().get();
                    ObjectNode mended = slip.document().deepCopy();
                    ((ObjectNode) mended.get(fix.role().toString()).get(fix.step() - 1)).put(fix.column(), fix.text());
                    Chart after = ChartReader.read(mended).orThrow();
                    assertThat(RuleBook.standard().check(Sheet.of(after)))
                            .as(slip.where() + " after " + fix)
                            .noneMatch(c ->
                                    c.finding().rule().equals(checked.finding().rule())
                                            && c.finding()
                                                    .role()
                                                    .equals(checked.finding().role())
                                            && c.finding().step()
                                                    == checked.finding().step());
                    fixed++;
                }
            }
        }
        assertThat(fixed).isGreaterThan(200);
    }
}
