package fluidframe.core.rule.floor;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Locale;

/** Hands that are joined hold the couple together. */
final class WithinReach implements Rule {
    static final RuleId ID = new RuleId("floor.within-reach");
    /** Between the middles of two bodies in a closed hold: the lower arms and no more. */
    private static final double CLOSED_METRES = 0.75;
    /** The same with one or both hands joined and the arms extended but not pulled straight. */
    private static final double ARMS_METRES = 1.5;

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Partners who hold each other stay within the reach of their arms.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Without a hold the partners may dance apart.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.isForCouple()) return List.of();
        return sheet.floor().gaps().stream()
                .filter(gap ->
                        gap.metres() > (gap.hold().isClosed() ? CLOSED_METRES : ARMS_METRES) && gap.hold() != Hold.NONE)
                .map(gap -> Finding.doubtful(
                        ID,
                        Role.MAN,
                        gap.manStep(),
                        String.format(
                                Locale.ROOT,
                                "Drawn on the floor, the partners are %.1f m apart on the {man}'s step %d, which the hold %s does not reach.",
                                gap.metres(),
                                gap.manStep(),
                                gap.hold())))
                .toList();
    }
}
