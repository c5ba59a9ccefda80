package fluidframe.core.rule.turn;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.List;

/** Stepping across in front of the body winds it up to one side only. */
final class CrossingTurnSide implements Rule {
    static final RuleId ID = new RuleId("turn.crossing-turn-side");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A spot turn goes to the side away from the foot that crosses: the left foot forward and across turns right.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "An underarm turn walks round in a curve and is charted forward, not across.",
                "In promenade positions the step across leads a turn of both.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            List<LedgerRow> rows = sheet.rows(role);
            for (int i = 0; i + 1 < rows.size(); i++) {
                LedgerRow row = rows.get(i);
                boolean across = row.step().placement().kind() == Placement.Kind.FORWARD_ACROSS;
                int turned = rows.get(i + 1).step().turn().footSixteenths();
                boolean alone = rows.get(i + 1).position().isFree();
                if (across
                        && alone
                        && Math.abs(turned) >= 6
                        && Integer.signum(turned) == row.step().foot().side()) {
                    findings.add(Finding.broken(
                            ID,
                            role,
                            row.number() + 1,
                            "The " + role.told() + " steps across with the "
                                    + row.step().foot().spoken() + " on step "
                                    + row.number() + " and then turns " + TurnText.amount(turned)
                                    + ": from there the body can only turn to the "
                                    + (turned > 0 ? "left" : "right") + "."));
                }
            }
        }
        return findings;
    }
}
