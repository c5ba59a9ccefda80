package fluidframe.core.rule.partner;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/** Two people who hold each other cannot walk into or away from each other. */
final class TravelsTogether implements Rule {
    static final RuleId ID = new RuleId("partner.travels-together");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Facing, one goes back when the other goes forward; in promenade both go the same way.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "The row on which the position changes is left alone.",
                "Side steps and closes fit either, and so does a foot stretched back with part weight.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            Placement.Kind his = moment.man().step().placement().kind();
            Placement.Kind hers = moment.lady().step().placement().kind();
            CouplePosition position = moment.man().position();
            boolean changing =
                    position != sheet.ledger().positions().before(moment.man().onset());
            boolean stretched = moment.man().step().weightTaken() == Weight.PART;
            boolean same = his.isForward() && hers.isForward() || his.isBack() && hers.isBack();
            boolean opposite = his.isForward() && hers.isBack() || his.isBack() && hers.isForward();
            if (position.isFacing() && position != CouplePosition.OPEN_FACING && same && !stretched && !changing
                    || position.isPromenade() && opposite && !changing) {
                findings.add(Finding.broken(
                        ID,
                        Role.LADY,
                        moment.lady().number(),
                        "In " + position + " position the {man} goes " + his + " on step "
                                + moment.man().number() + " while the {lady} goes " + hers + " on step "
                                + moment.lady().number() + "."));
            }
        }
        return findings;
    }
}
