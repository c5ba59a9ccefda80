package fluidframe.core.rule.turn;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** A turn that begins to one side and goes to the other was mirrored by mistake. */
final class KeepsItsSide implements Rule {
    static final RuleId ID = new RuleId("turn.keeps-its-side");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A turn goes on to the side on which it is said to begin.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Nothing is said when the figure ends first.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            int begun = 0;
            int begunAt = 0;
            for (LedgerRow row : sheet.rows(role)) {
                Turn turn = row.step().turn();
                if (begun != 0 && turn.sixteenths() * begun < 0) {
                    findings.add(Finding.broken(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + " begins to turn to the " + (begun > 0 ? "right" : "left")
                                    + " on step "
                                    + begunAt + ", but step " + row.number() + " turns "
                                    + TurnText.amount(turn.sixteenths()) + "."));
                }
                if (turn.sixteenths() != 0) begun = 0;
                if (turn.begins() != 0) {
                    begun = turn.begins();
                    begunAt = row.number();
                }
            }
        }
        return findings;
    }
}
