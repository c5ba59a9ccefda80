package fluidframe.core.rule.footwork;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Contact;
import fluidframe.core.step.Footwork;
import java.util.ArrayList;
import java.util.List;

/** The foot that stepped back turns on its heel while the other closes. */
final class HeelTurnOnHeel implements Rule {
    static final RuleId ID = new RuleId("footwork.heel-turn-on-heel");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A heel turn begins on the heel.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.chart().dance().isSwing()) return List.of();
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                row.step()
                        .footwork()
                        .filter(work -> isWrong(row, work))
                        .ifPresent(work -> findings.add(finding(role, row, work)));
            }
        }
        return findings;
    }

    private static boolean isWrong(LedgerRow row, Footwork work) {
        return row.step().turn().kind() == Turn.Kind.HEEL_TURN && work.first() != Contact.Part.HEEL;
    }

    private static Finding finding(Role role, LedgerRow row, Footwork work) {
        return Finding.doubtful(
                        ID,
                        role,
                        row.number(),
                        "The " + role.told() + "'s step " + row.number() + " is a heel turn, made on the heel, but "
                                + work + " is charted.")
                .withFix("Turn on the heel", "work", "HT");
    }
}
