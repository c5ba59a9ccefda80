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
import java.util.Set;

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
                "Side steps and closes fit either, and so does a foot stretched back with part weight.",
                "On the same foot, at least four rows running, both go forward past each other's side.",
                "Side against side both go forward round each other, turning to the same side.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        Set<Ledger.Moment> sameFoot = SameFoot.work(sheet.ledger().onsets());
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            Placement.Kind his = moment.man().step().placement().kind();
            Placement.Kind hers = moment.lady().step().placement().kind();
            CouplePosition position = moment.man().position();
            boolean changing =
                    position != sheet.ledger().positions().before(moment.man().onset());
            boolean stretched = moment.man().step().weightTaken() == Weight.PART;
            boolean same = his.isForward() && hers.isForward() || his.isBack() && hers.isBack();
            boolean opposite = his.isForward() && hers.isBack() || his.isBack() && hers.isForward();
            if (sameFoot.contains(moment)) continue;
            if (same && position.isAside() && circles(moment)) continue;
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

    private static boolean circles(Ledger.Moment moment) {
        int his = moment.man().step().turn().sixteenths();
        return his != 0 && his == moment.lady().step().turn().sixteenths();
    }
}
