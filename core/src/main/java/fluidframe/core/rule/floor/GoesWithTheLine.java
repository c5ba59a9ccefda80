package fluidframe.core.rule.floor;

import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Severity;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Locale;

/** On a floor full of couples nobody may go against the stream for long. */
final class GoesWithTheLine implements Rule {
    static final RuleId ID = new RuleId("floor.goes-with-the-line");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A figure of a moving dance does not end far against the line of dance.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "A few steps against the line belong to many figures; the limit is two and a half full steps in all.",
                "A figure that may be danced into a corner changes its line.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.chart().dance().isMoving()) return List.of();
        double along = sheet.floor().finish().x()
                - sheet.floor()
                        .startMan()
                        .towards(sheet.floor().startLady(), 0.5)
                        .x();
        double most = 2.5 * sheet.chart().dance().strideMetres();
        if (along >= -most) return List.of();
        return List.of(Finding.whole(
                ID,
                Severity.DOUBTFUL,
                String.format(
                        Locale.ROOT,
                        "The figure ends %.1f m against the line of dance, more than two and a half full steps: other couples come the other way.",
                        -along)));
    }
}
