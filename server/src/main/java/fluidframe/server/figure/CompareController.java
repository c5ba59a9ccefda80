package fluidframe.server.figure;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.Ledger;
import fluidframe.library.figure.ChartComparison;
import fluidframe.library.figure.ChartDifference;
import fluidframe.server.access.OpenTo;
import fluidframe.server.chart.Charts;
import fluidframe.server.chart.WorkView;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Two charts side by side: two versions, two figures, or the coach's and the shipped one. */
@RestController
@OpenTo
class CompareController {
    /** One side: a figure as it stands, one of its versions ({@code id@3}, {@code id@0} for the shipped one), or a chart. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Side(
            @Nullable @Size(max = 100) String figure,
            @Nullable @Schema(ref = ApiDescription.CHART) JsonNode chart) {}

    /** Both sides. */
    record Comparing(
            @NotNull @Valid Side left, @NotNull @Valid Side right) {}

    /** What is said of one side above its rows. */
    record SideView(
            String name,
            String dance,
            String bars,
            String manTurn,
            String ladyTurn,
            String position,
            boolean shipped) {}

    /** The rows that answer each other, and what differs besides the rows. */
    record ComparisonView(
            SideView left,
            SideView right,
            List<ChartComparison.RowPair> rows,
            int differentRows,
            List<ChartDifference.Change> besides) {}

    private final FigureService figures;

    CompareController(FigureService figures) {
        this.figures = figures;
    }

    @PostMapping("/api/compare")
    ComparisonView compare(@Valid @RequestBody Comparing asked) {
        Chart left = chart(asked.left());
        Chart right = chart(asked.right());
        List<ChartComparison.RowPair> rows = ChartComparison.rows(left, right);
        return new ComparisonView(
                side(left),
                side(right),
                rows,
                (int) rows.stream().filter(row -> !row.same()).count(),
                ChartDifference.between(left, right).stream()
                        .filter(change -> change.role().isEmpty())
                        .toList());
    }

    private Chart chart(Side side) {
        if (side.chart() != null && !side.chart().isNull()) return Charts.read(side.chart());
        if (side.figure() == null || side.figure().isBlank()) {
            throw new IllegalArgumentException("Each side must name a figure or hold a chart");
        }
        int at = side.figure().indexOf('@');
        if (at < 0) return figures.chart(side.figure());
        String number = side.figure().substring(at + 1);
        if (!number.matches("\\d{1,6}")) {
            throw new IllegalArgumentException(
                    "A version must be a number, such as waltz.whisk@2, but was \"" + side.figure() + "\"");
        }
        return figures.version(side.figure().substring(0, at), Integer.parseInt(number));
    }

    private SideView side(Chart chart) {
        Ledger ledger = Ledger.of(chart);
        return new SideView(
                chart.identity().name(),
                chart.dance().title(),
                WorkView.bars(chart),
                turned(ledger, Role.MAN),
                turned(ledger, Role.LADY),
                chart.start().position() + " to " + ledger.positions().last(),
                figures.isShipped(chart.id()));
    }

    /** Blank for a role that does not dance. */
    private static String turned(Ledger ledger, Role role) {
        return ledger.of(role).isEmpty() ? "" : TurnText.amount(ledger.of(role).totalTurn());
    }
}
