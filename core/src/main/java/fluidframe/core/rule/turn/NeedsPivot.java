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

/** More than 3/8 cannot be turned merely by placing the next foot. */
final class NeedsPivot implements Rule {
    static final RuleId ID = new RuleId("turn.needs-pivot");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A turn of more than 3/8 between two steps is a pivot, swivel, spiral, spin or heel turn.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "How 3/8 itself is divided differs between schools and is left alone.",
                "The foot may be laid 1/2 round where the body turns less than it, as on the last step of a telemark.");
    }

    /** Three eighths, in sixteenths: as far as the hip lets the next foot be placed. */
    private static final int MOST = 6;
    /** How much further the foot may be laid where the body stays behind it, in sixteenths. */
    private static final int BODY_LAG = 2;

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                Turn turn = row.step().turn();
                int most = MOST + (row.lag() == 0 ? 0 : BODY_LAG);
                if (Math.abs(turn.sixteenths()) > most && !turn.kind().turnsOnStandingFoot()) {
                    findings.add(Finding.broken(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + "'s step " + row.number() + " turns "
                                            + TurnText.amount(turn.sixteenths())
                                            + " by placing the foot; more than 3/8 needs a pivot or another turn on the standing foot.")
                            .withFix("Make it a pivot", "turn", TurnText.amount(turn.sixteenths()) + " pivot"));
                }
            }
        }
        return findings;
    }
}
