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
    /** A pivot, in which one partner passes round the other, takes up to 0.9 m; walking apart takes 1.4 m a step. */
    private static final double MOST_METRES = 1.0;

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
        return List.of(
                "Lengths are fitted first, so only directions and placements can fail; a pivot may bend a step by 0.9 m.");
    }

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
                                "Drawn on the floor, the {man}'s step %d and the {lady}'s %d would have to be bent by %.1f m for the couple to keep its position.",
                                gap.manStep(),
                                gap.ladyStep(),
                                gap.strainMetres())))
                .toList();
    }
}
