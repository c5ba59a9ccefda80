package fluidframe.core.rule.partner;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** A couple position belongs to both; two different ones on one beat mean that one was copied wrongly. */
final class PositionsAgree implements Rule {
    static final RuleId ID = new RuleId("partner.positions-agree");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Where both roles name the couple position on one beat they name the same.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            var his = moment.man().step().position();
            var hers = moment.lady().step().position();
            if (his.isPresent() && hers.isPresent() && !his.equals(hers)) {
                findings.add(Finding.broken(
                                ID,
                                Role.LADY,
                                moment.lady().number(),
                                "The {man}'s step " + moment.man().number() + " names " + his.get()
                                        + " position and the {lady}'s step "
                                        + moment.lady().number() + " " + hers.get() + ".")
                        .withFix("Make it " + his.get(), "position", his.get().toString()));
            }
        }
        return findings;
    }
}
