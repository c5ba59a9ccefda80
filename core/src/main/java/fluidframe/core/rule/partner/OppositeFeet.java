package fluidframe.core.rule.partner;

import fluidframe.core.chart.Step;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Partners who face each other and step at once use feet that mirror. */
final class OppositeFeet implements Rule {
    static final RuleId ID = new RuleId("partner.opposite-feet");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "In facing and promenade positions the partners step on opposite feet.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "While one of them holds or takes no weight.",
                "Shadow work, and at least four rows running on the same foot between two changes of feet.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        Set<Ledger.Moment> sameFoot = SameFoot.work(sheet.ledger().onsets());
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            Step his = moment.man().step();
            Step hers = moment.lady().step();
            CouplePosition position = moment.man().position();
            boolean both = his.weightTaken() == Weight.FULL && hers.weightTaken() == Weight.FULL;
            if (sameFoot.contains(moment)) continue;
            if (both && his.foot() == hers.foot() && (position.isFacing() || position.isPromenade())) {
                findings.add(Finding.broken(
                        ID,
                        Role.LADY,
                        moment.lady().number(),
                        "On the {man}'s step " + moment.man().number() + " both partners step on the "
                                + his.foot().spoken() + " in " + position + " position."));
            }
        }
        return findings;
    }
}
