package fluidframe.core.rule.body;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** Nearly every figure with rise begins lowered, so the one before has to end so. */
final class EndsLowered implements Rule {
    static final RuleId ID = new RuleId("body.ends-lowered");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A figure with rise and fall ends lowered.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Figures that end in a hover are charted with an acceptance.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.chart().dance().isSwing()) return List.of();
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            if (sheet.ledger().of(role).isEmpty()) continue;
            LedgerRow last = sheet.ledger().of(role).last();
            if (last.up()) {
                findings.add(Finding.doubtful(
                                ID,
                                role,
                                last.number(),
                                "The " + role.told() + " is still up after step " + last.number()
                                        + ", the last; the next figure begins lowered.")
                        .withFix(
                                "Lower at the end",
                                "rise",
                                (last.step().rise().actions().isEmpty()
                                                ? ""
                                                : last.step().rise() + ", ") + "lower at end"));
            }
        }
        return findings;
    }
}
