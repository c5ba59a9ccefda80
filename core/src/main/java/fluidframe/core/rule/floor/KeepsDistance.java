package fluidframe.core.rule.floor;

import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Locale;

/** Where the chart cannot be drawn with the couple in its hold, something in it does not fit. */
final class KeepsDistance implements Rule {
    static final RuleId ID = new RuleId("floor.keeps-distance");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The steps as charted keep the couple at the distance of its position.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Lengths are fitted before they are judged, so only directions and placements can fail.");
    }

    private static final double MOST_METRES = 0.30;

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.isForCouple()) return List.of();
        return sheet.floor().gaps().stream()
                .filter(gap -> gap.strainMetres() > MOST_METRES)
                .map(gap -> Finding.doubtful(
                        ID,
                        Role.MAN,
                        gap.manStep(),
                        String.format(
                                Locale.ROOT,
                                "Drawn on the floor, after the man's step %d and the lady's %d she is %.2f m from where the position puts her.",
                                gap.manStep(),
                                gap.ladyStep(),
                                gap.strainMetres())))
                .toList();
    }
}
