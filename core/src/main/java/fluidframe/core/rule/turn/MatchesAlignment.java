package fluidframe.core.rule.turn;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** The turn between two steps is what leads from one alignment to the next. */
final class MatchesAlignment implements Rule {
    static final RuleId ID = new RuleId("turn.matches-alignment");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The alignment of the step before plus the turn gives the alignment of the step.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("An empty alignment is unknown and carries the turn on to the next one charted.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                int off = row.foot().turnFrom(row.expected());
                if (off == 0) continue;
                Alignment laid = row.step().alignment().orElseThrow();
                int charted = row.step().turn().sixteenths();
                Finding finding = Finding.broken(
                        ID,
                        role,
                        row.number(),
                        "The " + role.told() + "'s step " + row.number() + " is " + laid
                                + ", but " + TurnText.amount(charted) + " from the step before leads to "
                                + laid.withFootDirection(row.expected()) + ": " + TurnText.amount(off)
                                + " is missing.");
                Turn mended = row.step().turn().plus(off);
                findings.add(
                        finding.withFix("Turn " + TurnText.amount(mended.sixteenths()), "turn", mended.toString()));
            }
        }
        return findings;
    }
}
