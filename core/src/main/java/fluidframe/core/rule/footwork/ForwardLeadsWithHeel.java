package fluidframe.core.rule.footwork;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Contact;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.List;

/** From a lowered foot the swing of the leg puts the heel down first. */
final class ForwardLeadsWithHeel implements Rule {
    static final RuleId ID = new RuleId("footwork.forward-leads-with-heel");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A forward step from a lowered foot leads with the heel.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Steps taken while up begin on the toe.");
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
        Placement.Kind kind = row.step().placement().kind();
        boolean forward = kind == Placement.Kind.FORWARD || kind == Placement.Kind.FORWARD_ACROSS;
        return forward && !row.upBefore() && work.first() != Contact.Part.HEEL;
    }

    private static Finding finding(Role role, LedgerRow row, Footwork work) {
        return Finding.doubtful(
                        ID,
                        role,
                        row.number(),
                        "The " + role.told() + "'s step " + row.number()
                                + " goes forward from a lowered foot and so leads with the heel, but " + work
                                + " is charted.")
                .withFix("Lead with the heel", "work", row.up() ? "HT" : "HF");
    }
}
