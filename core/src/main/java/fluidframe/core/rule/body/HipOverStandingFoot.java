package fluidframe.core.rule.body;

import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.Weight;
import java.util.List;
import java.util.Optional;

/** A hip settles over the leg that carries the weight. */
final class HipOverStandingFoot implements Rule {
    static final RuleId ID = new RuleId("body.hip-over-standing-foot");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A hip that settles does so to the side of the foot with the weight.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A lateral movement of the hips may go to either side.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perRow((role, row) -> {
            Weight weight = row.step().weightTaken();
            if (weight == Weight.PART) return Optional.empty();
            boolean wrong = row.step().hip().phases().stream()
                    .anyMatch(p -> p.action() == BodyDesign.Action.SETTLE
                            && p.side().isPresent()
                            && p.side().get() != row.standing());
            if (!wrong) return Optional.empty();
            return Optional.of(Finding.doubtful(
                    ID,
                    role,
                    row.number(),
                    "On the " + role.told() + "'s step " + row.number() + " the weight is on the "
                            + row.standing().spoken() + ", but the hip is charted \""
                            + row.step().hip() + "\"."));
        });
    }
}
