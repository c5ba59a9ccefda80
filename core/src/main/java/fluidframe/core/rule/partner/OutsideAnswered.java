package fluidframe.core.rule.partner;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.List;

/** A step outside the partner is one thing seen from two sides. */
final class OutsideAnswered implements Rule {
    static final RuleId ID = new RuleId("partner.outside-answered");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Where one partner steps outside, the other has the partner outside on the same beat.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            for (Role role : Role.values()) {
                boolean steps = moment.of(role).step().placement().has(Placement.Qualifier.OUTSIDE_PARTNER);
                boolean answered =
                        moment.of(role.partner()).step().placement().has(Placement.Qualifier.PARTNER_OUTSIDE);
                if (steps != answered) {
                    Role lacking = steps ? role.partner() : role;
                    findings.add(Finding.doubtful(
                            ID,
                            lacking,
                            moment.of(lacking).number(),
                            "The " + (steps ? role : role.partner()).told()
                                    + (steps ? " steps outside partner" : " has the partner outside") + " on step "
                                    + moment.of(lacking.partner()).number() + ", but the " + lacking.told() + "'s step "
                                    + moment.of(lacking).number() + " does not say so."));
                }
            }
        }
        return findings;
    }
}
