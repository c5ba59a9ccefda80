package fluidframe.core.rule.partner;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.ledger.PositionLine;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A position is named on the row that takes it. Named again while it lasts, it was written a row too early or too late. */
final class PositionNamedOnce implements Rule {
    static final RuleId ID = new RuleId("partner.position-named-once");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A couple position is named on the row that takes it, and not again while it lasts.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "Both roles may name it on the same beat.",
                "The first row may name the position of the start.",
                "A row danced again in a repeat names it again.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        PositionLine line = sheet.ledger().positions();
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                Optional<CouplePosition> named = row.step().position();
                if (row.onset().isZero() || named.isEmpty() || named.get() != line.before(row.onset())) continue;
                if (isRepeated(sheet.rows(role), row)) continue;
                findings.add(Finding.doubtful(
                                ID,
                                role,
                                row.number(),
                                "The " + role.told() + "'s step " + row.number() + " takes " + named.get()
                                        + " position, in which the couple is already.")
                        .withFix("Leave it out", "position", ""));
            }
        }
        return findings;
    }

    private static boolean isRepeated(List<LedgerRow> rows, LedgerRow row) {
        return rows.subList(0, row.number() - 1).stream()
                .anyMatch(earlier -> earlier.step().equals(row.step()));
    }
}
