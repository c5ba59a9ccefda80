package fluidframe.core.rule.footwork;

import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.List;
import java.util.Optional;

/** A heel comes down under the weight of the body; a foot that only touches has none. */
final class TouchKeepsHeelUp implements Rule {
    static final RuleId ID = new RuleId("footwork.touch-keeps-heel-up");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A tap or a point that meets the floor with the toe or the ball does not lower its heel.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A touch with the heel begins on the heel and is no lowering.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perRow((role, row) -> {
            Placement.Kind kind = row.step().placement().kind();
            boolean touches = (kind == Placement.Kind.TAP || kind == Placement.Kind.POINT)
                    && row.step().weightTaken() == Weight.NONE;
            boolean lowers = row.step()
                    .footwork()
                    .map(work -> work.beginsOnForefoot() && !work.endsOnForefoot())
                    .orElse(false);
            if (!touches || !lowers) return Optional.empty();
            return Optional.of(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number() + " " + kind
                                    + " without weight and yet lowers the heel, as "
                                    + row.step().footwork().orElseThrow() + " says.")
                    .withFix("Stay on the ball", "work", "B"));
        });
    }
}
