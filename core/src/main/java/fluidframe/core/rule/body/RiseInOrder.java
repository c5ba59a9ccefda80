package fluidframe.core.rule.body;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.RiseFall;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** One can only go on rising after beginning to, and only lower after rising. */
final class RiseInOrder implements Rule {
    static final RuleId ID = new RuleId("body.rise-in-order");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Rise commences before it continues, and lowering comes after it.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A figure may begin up and lower on its first row.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                Set<RiseFall.Action> actions = row.step().rise().actions();
                boolean rising = row.upBefore() || row.step().rise().commences();
                boolean goesOn = actions.contains(RiseFall.Action.CONTINUE) || actions.contains(RiseFall.Action.UP);
                if (goesOn && !rising
                        || row.step().rise().lowers() && !row.upBefore() && actions.size() == 1 && row.number() > 1) {
                    findings.add(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number() + " says \""
                                    + row.step().rise() + "\", but no rise has commenced by then."));
                } else if (row.step().rise().commences() && row.upBefore()) {
                    findings.add(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number()
                                    + " commences to rise, but the rise before has not been lowered."));
                }
            }
        }
        return findings;
    }
}
