package fluidframe.core.rule.weight;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/** Nobody can step on the foot already stood on. */
final class FeetAlternate implements Rule {
    static final RuleId ID = new RuleId("weight.feet-alternate");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Consecutive steps that take full weight use opposite feet.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "A brush, tap, point or hold takes no weight, so the same foot may step after it.",
                "After part weight on the other foot the weight may be replaced, the first foot may cross or close to it as in a"
                        + " lock, or slide on by a small step.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            LedgerRow before = null;
            int since = 0;
            boolean shared = false;
            for (LedgerRow row : sheet.rows(role)) {
                Foot foot = row.step().foot();
                boolean back = shared
                        && (comesBack(row.step().placement().kind())
                                || row.step().placement().qualifiers().contains(Placement.Qualifier.SMALL));
                boolean held = row.step().weightTaken() == Weight.NONE
                        && row.step().placement().kind() == Placement.Kind.HOLD;
                boolean moves = row.step().isStep() && !back && !held;
                if (before != null && moves && before.standing() == foot) {
                    findings.add(Finding.broken(
                                    ID,
                                    role,
                                    row.number(),
                                    "The " + role.told() + "'s step " + row.number() + " uses the " + foot.spoken()
                                            + ", which has carried the weight "
                                            + (since == 0 ? "from the start" : "since step " + since) + ".")
                            .withFix(
                                    "Make it the " + foot.other().spoken(),
                                    "foot",
                                    foot.other().toString()));
                }
                if (row.step().weightTaken() == Weight.FULL) {
                    since = row.number();
                    shared = false;
                } else if (row.step().weightTaken() == Weight.PART) {
                    shared = true;
                }
                before = row;
            }
        }
        return findings;
    }

    /** Whether a foot that never lost the weight may act so after the other one has shared it. */
    private static boolean comesBack(Placement.Kind kind) {
        switch (kind) {
            case REPLACE, CLOSE, CROSS_BEHIND, CROSS_IN_FRONT:
                return true;
            default:
                return false;
        }
    }
}
