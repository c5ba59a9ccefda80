package fluidframe.core.rule.footwork;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/** Lowering means that the heel comes down under the weight. */
final class LoweringEndsOnHeel implements Rule {
    static final RuleId ID = new RuleId("footwork.lowering-ends-on-heel");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A row that lowers ends on the heel or the flat foot.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A foot that takes no weight stays on the toe.");
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
        boolean lowers = row.step().rise().lowers();
        return lowers && row.step().weightTaken() == Weight.FULL && work.endsOnForefoot();
    }

    private static Finding finding(Role role, LedgerRow row, Footwork work) {
        return Finding.doubtful(
                        ID,
                        role,
                        row.number(),
                        "The " + role.told() + " lowers on step " + row.number() + ", so the heel comes down, but "
                                + work + " ends on the toe.")
                .withFix("Lower the heel", "work", "TH");
    }
}
