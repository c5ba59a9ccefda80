package fluidframe.core.rule.footwork;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Footwork;
import java.util.ArrayList;
import java.util.List;

/** A heel lowered in the middle of a rise kills the rise. */
final class UpEndsOnToe implements Rule {
    static final RuleId ID = new RuleId("footwork.up-ends-on-toe");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A row that ends up ends on the toe or ball.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("With no foot rise the heel stays down while the body rises.");
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
        return row.up() && !row.step().rise().noFootRise() && !work.endsOnForefoot();
    }

    private static Finding finding(Role role, LedgerRow row, Footwork work) {
        return Finding.doubtful(
                        ID,
                        role,
                        row.number(),
                        "The " + role.told() + " is still up at the end of step " + row.number()
                                + " and so ends on the toe, but " + work + " is charted: the heel would be down.")
                .withFix("Stay on the toe", "work", work.beginsOnForefoot() ? "T" : "HT");
    }
}
