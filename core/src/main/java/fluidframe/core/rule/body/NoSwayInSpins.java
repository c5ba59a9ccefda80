package fluidframe.core.rule.body;

import fluidframe.core.direction.Turn;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Sway;
import java.util.List;
import java.util.Optional;

/** An inclined body cannot stay over a foot that turns under it. */
final class NoSwayInSpins implements Rule {
    static final RuleId ID = new RuleId("body.no-sway-in-spins");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The body stays upright through pivots, spins and spirals.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perRow((role, row) -> {
            Turn.Kind kind = row.step().turn().kind();
            boolean spins = kind == Turn.Kind.PIVOT
                    || kind == Turn.Kind.TOE_PIVOT
                    || kind == Turn.Kind.SPIN
                    || kind == Turn.Kind.SPIRAL;
            if (!spins || row.step().sway().equals(Sway.STRAIGHT)) return Optional.empty();
            return Optional.of(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number() + " is a " + kind + " and sways to "
                                    + row.step().sway() + ".")
                    .withFix("Stay straight", "sway", ""));
        });
    }
}
