package fluidframe.core.rule.weight;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/** A brush, tap or point that takes weight is another step. */
final class BrushLeavesWeight implements Rule {
    static final RuleId ID = new RuleId("weight.brush-leaves-weight");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A brush, tap, point or hold leaves the weight where it was.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                Placement.Kind kind = row.step().placement().kind();
                if (kind.usualWeight() == Weight.NONE && row.step().weightTaken() == Weight.FULL) {
                    findings.add(Finding.broken(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + "'s step " + row.number() + " " + kind
                                            + " and yet takes full weight.")
                            .withFix("Take no weight", "weight", "none"));
                }
            }
        }
        return findings;
    }
}
