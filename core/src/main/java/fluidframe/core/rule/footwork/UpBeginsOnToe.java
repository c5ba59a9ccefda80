package fluidframe.core.rule.footwork;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Footwork;
import java.util.ArrayList;
import java.util.List;

/** Whoever is up stands on the toes and can only place a toe. */
final class UpBeginsOnToe implements Rule {
    static final RuleId ID = new RuleId("footwork.up-begins-on-toe");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A step placed while up begins on the toe or ball.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A heel turn is made on the heel while the body rises.");
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
        Turn.Kind made = row.step().turn().kind();
        if (made == Turn.Kind.HEEL_TURN || made == Turn.Kind.HEEL_PULL) return false;
        return row.upBefore() && row.upDuring() && !work.beginsOnForefoot();
    }

    private static Finding finding(Role role, LedgerRow row, Footwork work) {
        return Finding.doubtful(
                        ID,
                        role,
                        row.number(),
                        "The " + role.told() + " is up when step " + row.number()
                                + " is placed, so it begins on the toe, but " + work + " is charted.")
                .withFix("Begin on the toe", "work", row.up() ? "T" : "TH");
    }
}
