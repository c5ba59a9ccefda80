package fluidframe.core.rule.body;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.List;

/** Whoever turns the upper body while going backward on the inside of a turn pulls the couple apart. */
final class InsideTurnsLess implements Rule {
    static final RuleId ID = new RuleId("body.inside-turns-less");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "After a back step on the inside of a turn the body turns less than the foot, or the turn is made on the heel.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "Turns of less than 3/8, pivots and turns on the spot.", "The one who turns to promenade or from it.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.chart().dance().isSwing() || !sheet.isForCouple()) return List.of();
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            List<LedgerRow> rows = sheet.rows(role);
            for (int i = 1; i < rows.size(); i++) {
                LedgerRow row = rows.get(i);
                Turn turn = row.step().turn();
                boolean afterBack = rows.get(i - 1).step().placement().kind() == Placement.Kind.BACK;
                boolean plain = turn.kind() == Turn.Kind.BETWEEN_FEET && turn.bodyLess() == 0;
                boolean side = !row.step().placement().kind().isBack()
                        && row.step().placement().kind().travels();
                if (afterBack
                        && plain
                        && side
                        && Math.abs(turn.sixteenths()) >= 6
                        && row.position().isFacing()
                        && rows.get(i - 1).position().isFacing()) {
                    findings.add(Finding.doubtful(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + " stepped back on step " + (row.number() - 1) + " and turns "
                                            + TurnText.amount(turn.sixteenths()) + " on step " + row.number()
                                            + " with the whole body: on the inside of a turn the foot points ahead and the body turns less.")
                            .withFix(
                                    "Let the body turn less",
                                    "turn",
                                    TurnText.amount(turn.sixteenths()) + ", body less"));
                }
            }
        }
        return findings;
    }
}
