package fluidframe.core.rule.footwork;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Footwork;
import java.util.ArrayList;
import java.util.List;

/** Going back the leg extends from the hip and the toe touches first. */
final class BackReachesWithToe implements Rule {
    static final RuleId ID = new RuleId("footwork.back-reaches-with-toe");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A back step reaches with the toe or ball.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Heel turns and heel pulls are closes and side steps.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (sheet.chart().dance().family() == Dance.Family.LATIN) return List.of();
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
        return row.step().placement().kind().isBack() && !work.beginsOnForefoot();
    }

    private static Finding finding(Role role, LedgerRow row, Footwork work) {
        return Finding.doubtful(
                        ID,
                        role,
                        row.number(),
                        "The " + role.told() + "'s step " + row.number()
                                + " goes back and so reaches with the toe, but " + work + " is charted.")
                .withFix("Reach with the toe", "work", row.up() && row.upBefore() ? "T" : "TH");
    }
}
