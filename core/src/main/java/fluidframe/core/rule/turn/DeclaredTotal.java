package fluidframe.core.rule.turn;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** What the figure is said to turn is what its steps turn. */
final class DeclaredTotal implements Rule {
    static final RuleId ID = new RuleId("turn.declared-total");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The turns of a role add up to the total the chart declares.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            OptionalInt declared = sheet.chart().totals().of(role);
            int turned = sheet.ledger().of(role).totalTurn();
            if (declared.isPresent() && declared.getAsInt() != turned) {
                findings.add(Finding.broken(
                        ID,
                        role,
                        sheet.rows(role).size(),
                        "The " + role.told() + " turns " + TurnText.amount(turned) + " in all, but the figure declares "
                                + TurnText.amount(declared.getAsInt()) + "."));
            }
        }
        return findings;
    }
}
