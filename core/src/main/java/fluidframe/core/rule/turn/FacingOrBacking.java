package fluidframe.core.rule.turn;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.List;

/** A step forward goes where the body faces, a step back where it backs. */
final class FacingOrBacking implements Rule {
    static final RuleId ID = new RuleId("turn.facing-or-backing");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Forward steps are charted facing or pointing, back steps backing.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "In promenade and fallaway the feet point across the line of travel.",
                "A diagonal step may be charted either way.",
                "Latin back steps are charted facing or backing.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : sheet.rows(role)) {
                if (row.step().alignment().isEmpty() || row.position().isPromenade()) continue;
                Alignment laid = row.step().alignment().get();
                Placement.Kind kind = row.step().placement().kind();
                boolean backing = laid.kind() == Alignment.Kind.BACKING;
                boolean strict = sheet.chart().dance().family() != Dance.Family.LATIN;
                boolean wrong =
                        kind == Placement.Kind.FORWARD && backing || strict && kind == Placement.Kind.BACK && !backing;
                if (wrong) {
                    Alignment other =
                            Alignment.of(backing ? Alignment.Kind.FACING : Alignment.Kind.BACKING, laid.direction());
                    findings.add(Finding.broken(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + "'s step " + row.number() + " goes " + kind
                                            + " and is charted " + laid + ".")
                            .withFix("Make it " + other, "align", other.toString()));
                }
            }
        }
        return findings;
    }
}
