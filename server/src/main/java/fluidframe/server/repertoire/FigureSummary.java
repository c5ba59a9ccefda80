package fluidframe.server.repertoire;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.link.Danceable;
import fluidframe.core.rule.Severity;
import fluidframe.server.chart.EndView;
import fluidframe.server.chart.WorkView;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * One figure in the library list; the turn of a role that does not dance is blank.
 *
 * @param mostTurn the larger turn of the two in sixteenths, 0 or more, to order by
 */
public record FigureSummary(
        String id,
        String name,
        List<String> otherNames,
        String dance,
        String level,
        String bars,
        double beats,
        String turn,
        String ladyTurn,
        int mostTurn,
        EndView start,
        EndView finish,
        boolean shipped,
        boolean own,
        boolean draft,
        int broken,
        int doubtful,
        int doubtfulRows,
        String solo,
        String summary) {
    /** Without what the coach has done with it, which {@link #as} adds. */
    static FigureSummary of(Danceable danced) {
        Chart chart = danced.figure();
        List<RuleBook.Checked> checked = RuleBook.standard().checkWithVariants(danced.sheet());
        return new FigureSummary(
                chart.id(),
                chart.identity().name(),
                chart.identity().otherNames(),
                chart.dance().toString(),
                chart.identity().levels().values().stream()
                        .findFirst()
                        .map(l -> l.name().toLowerCase(Locale.ROOT))
                        .orElse("unlisted"),
                WorkView.bars(chart),
                chart.length().toDouble(),
                chart.man().isEmpty()
                        ? ""
                        : TurnText.amount(danced.ledger().of(Role.MAN).totalTurn()),
                chart.lady().isEmpty()
                        ? ""
                        : TurnText.amount(danced.ledger().of(Role.LADY).totalTurn()),
                Stream.of(Role.values())
                        .mapToInt(role -> Math.abs(danced.ledger().of(role).totalTurn()))
                        .max()
                        .orElseThrow(),
                EndView.start(danced),
                EndView.finish(danced),
                false,
                false,
                false,
                (int) checked.stream().filter(RuleBook.Checked::isBroken).count(),
                (int) checked.stream()
                        .filter(c -> c.isOpen() && c.finding().severity() == Severity.DOUBTFUL)
                        .count(),
                (int) Stream.concat(chart.man().stream(), chart.lady().stream())
                        .filter(Step::doubtful)
                        .count(),
                chart.man().isEmpty() ? "lady" : chart.lady().isEmpty() ? "man" : "",
                chart.identity().summary());
    }

    /** The same figure with what the coach has done with it. */
    public FigureSummary as(boolean isShipped, boolean isOwn, boolean isDraft) {
        return new FigureSummary(
                id,
                name,
                otherNames,
                dance,
                level,
                bars,
                beats,
                turn,
                ladyTurn,
                mostTurn,
                start,
                finish,
                isShipped,
                isOwn,
                isDraft,
                broken,
                doubtful,
                doubtfulRows,
                solo,
                summary);
    }
}
