package fluidframe.core.rule.weight;

import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Optional;

/** Between two steps only the foot that carries the weight can turn or settle. */
final class ActionOnStandingFoot implements Rule {
    static final RuleId ID = new RuleId("weight.action-on-standing-foot");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A row without a step names the foot that carries the weight.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perRow((role, row) -> {
            if (row.step().isStep() || row.step().foot() == row.standing()) return Optional.empty();
            return Optional.of(Finding.broken(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s row " + row.number() + " is an action of the "
                                    + row.step().foot().spoken() + ", but the weight is on the "
                                    + row.standing().spoken() + ".")
                    .withFix(
                            "Make it the " + row.standing().spoken(),
                            "foot",
                            row.standing().toString()));
        });
    }
}
