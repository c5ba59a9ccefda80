package fluidframe.core.rule.partner;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** Joined hands let one partner turn only so far more than the other before an arm is twisted. */
final class HoldAllowsTurn implements Rule {
    static final RuleId ID = new RuleId("partner.hold-allows-turn");
    /** From promenade on one side to counter promenade on the other. */
    private static final int MOST_IN_CLOSED = 10;

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "While a hold is kept, one partner turns at most so much more than the other as it allows.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "A single hand lets a partner turn twice round under the arm.", "Without a hold anybody may turn.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.isForCouple()) return List.of();
        List<Finding> findings = new ArrayList<>();
        Hold held = sheet.chart().start().hold();
        int since = 0;
        for (Ledger.Moment moment : sheet.ledger().moments()) {
            int apart = moment.lady().running() - moment.man().running();
            Hold hold = moment.man().hold();
            if (hold != held) {
                held = hold;
                since = apart;
            }
            int most = hold.isClosed() ? MOST_IN_CLOSED : hold.mostTurnApart();
            if (hold != Hold.NONE && Math.abs(apart - since) > most) {
                findings.add(Finding.broken(
                        ID,
                        Role.LADY,
                        moment.lady().number(),
                        "By the {lady}'s step " + moment.lady().number() + " {she} has turned "
                                + TurnText.amount(apart - since) + " more than the {man} in the hold " + hold
                                + ", which allows " + TurnText.fraction(most) + ": let go or change hands before."));
                since = apart;
            }
        }
        return findings;
    }
}
