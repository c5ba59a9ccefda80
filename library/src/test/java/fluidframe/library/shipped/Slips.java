package fluidframe.library.shipped;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.Turn;
import fluidframe.core.ledger.Ledger;
import fluidframe.library.figure.ChartWriter;
import java.util.ArrayList;
import java.util.List;

/** Makes one plausible slip of the pen in every row of a chart, family by family. */
final class Slips {
    /** A chart with one slip, of which kind it is, and where. */
    record Slip(String family, String kind, String where, ObjectNode document) {}

    /** What would have to be changed along with the rows, and so would give a slip away by itself. */
    private static final List<String> BESIDES = List.of("parts", "variants", "timings", "options", "repeats");

    private final Chart chart;
    private final ObjectNode original;
    private final List<Slip> slips = new ArrayList<>();

    private Slips(Chart chart) {
        this.chart = chart;
        this.original = ChartWriter.toJson(chart);
        original.remove(BESIDES);
    }

    static List<Slip> of(Chart chart) {
        Slips made = new Slips(chart);
        for (Role role : Role.values()) {
            for (int i = 0; i < chart.steps(role).size(); i++) made.row(role, i);
        }
        return made.slips;
    }

    private void row(Role role, int i) {
        ObjectNode row = (ObjectNode) original.withArray(role.toString()).get(i);
        ObjectNode lost = original.deepCopy();
        ((ArrayNode) lost.get(role.toString())).remove(i);
        if (chart.steps(role).size() > 1) slips.add(new Slip("time", "beat lost", where(role, i), lost));
        change(
                "weight",
                "foot swapped",
                role,
                i,
                "foot",
                row.get("foot").asText().equals("L") ? "R" : "L");
        Turn turn = Turn.parse(row.path("turn").asText(""));
        if (turn.sixteenths() != 0) {
            change("turn", "turn changed by 1/8", role, i, "turn", turn.plus(2).toString());
            change(
                    "turn",
                    "turn to the other side",
                    role,
                    i,
                    "turn",
                    turn.mirrored().toString());
        }
        Alignment laid = Alignment.parse(row.get("align").asText());
        Direction mirrored = laid.direction().mirrored();
        if (!mirrored.equals(laid.direction())) {
            String text = Alignment.of(laid.kind(), mirrored).toString();
            change("alignment", "alignment mirrored", role, i, "align", text);
        }
        Alignment.Kind other = laid.kind() == Alignment.Kind.BACKING ? Alignment.Kind.FACING : Alignment.Kind.BACKING;
        change(
                "alignment",
                "facing for backing",
                role,
                i,
                "align",
                Alignment.of(other, laid.direction()).toString());
        boolean fan = Ledger.of(chart).of(role).rows().get(i).position() == CouplePosition.FAN;
        change("partner", "position changed", role, i, "position", fan ? "closed" : "fan");
        heel(role, i, row);
    }

    /** A heel put down in the middle of a rise, or where half a beat leaves no time for it. */
    private void heel(Role role, int i, ObjectNode row) {
        Rhythm rhythm = chart.rhythm(role);
        boolean brief = rhythm.beats(i).toDouble() <= 0.5;
        String work = row.path("work").asText();
        boolean rising = work.equals("T") && row.path("rise").asText().equals("continue");
        if (rising) change("footwork", "heel lowered", role, i, "work", "TH");
        else if (work.equals("B") && brief && row.path("weight").isMissingNode())
            change("footwork", "heel lowered", role, i, "work", "BF");
    }

    private void change(String family, String kind, Role role, int row, String key, String text) {
        ObjectNode document = original.deepCopy();
        ((ObjectNode) document.get(role.toString()).get(row)).put(key, text);
        slips.add(new Slip(family, kind, where(role, row), document));
    }

    private String where(Role role, int row) {
        return chart.id() + " " + role + " " + (row + 1);
    }
}
