package fluidframe.core.rule.turn;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** A body left behind has to catch up, or the next step is taken twisted. */
final class BodyCompletes implements Rule {
    static final RuleId ID = new RuleId("turn.body-completes");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Where the body turns less than the foot it completes on one of the next two rows; a pointing foot has a body behind it.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("The last row of a figure may leave the body to complete on the next figure.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            List<LedgerRow> rows = sheet.rows(role);
            for (int i = 0; i < rows.size(); i++) {
                LedgerRow row = rows.get(i);
                boolean pointing = row.step()
                        .alignment()
                        .map(a -> a.kind() == Alignment.Kind.POINTING)
                        .orElse(false);
                boolean behindForLong = i >= 2
                        && row.lag() != 0
                        && rows.get(i - 1).lag() != 0
                        && rows.get(i - 2).lag() != 0;
                if (pointing && row.lag() == 0) {
                    findings.add(
                            Finding.doubtful(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + "'s step " + row.number()
                                            + " points, so the body has turned less than the foot, but the turn does not say so."));
                } else if (behindForLong) {
                    findings.add(Finding.doubtful(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + "'s body has been behind the foot since step "
                                            + (row.number() - 2) + " and is not completed by step " + row.number()
                                            + ".")
                            .withFix("Let the body complete here", "turn", "body completes"));
                } else if (row.step().turn().bodyCompletes()
                        && (i == 0 || rows.get(i - 1).lag() == 0)) {
                    findings.add(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number()
                                    + " completes a turn of the body, but the body was not behind."));
                }
            }
        }
        return findings;
    }
}
