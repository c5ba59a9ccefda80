package fluidframe.core.rule.weight;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/** A foot without weight cannot turn the body. */
final class TurnOnFullWeight implements Rule {
    static final RuleId ID = new RuleId("weight.turn-on-full-weight");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A turn is made on a foot with full weight, or is charted as a pivot, spin, swivel or heel action of the standing foot.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A twist on both feet.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                Turn turn = row.step().turn();
                boolean without = row.step().weightTaken() == Weight.NONE;
                if (without && turn.sixteenths() != 0 && !turn.kind().turnsOnStandingFoot()) {
                    findings.add(Finding.doubtful(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + "'s step " + row.number() + " turns "
                                            + TurnText.amount(turn.sixteenths()) + " while the "
                                            + row.step().foot().spoken()
                                            + " takes no weight: say on which action of the standing foot, such as a toe pivot.")
                            .withFix("Make it a toe pivot", "turn", TurnText.amount(turn.sixteenths()) + " toe pivot"));
                }
            }
        }
        return findings;
    }
}
