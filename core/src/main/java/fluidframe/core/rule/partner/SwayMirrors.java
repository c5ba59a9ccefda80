package fluidframe.core.rule.partner;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Sway;
import java.util.ArrayList;
import java.util.List;

/** Both bodies incline to the same side of the room, so facing partners chart opposite sways. */
final class SwayMirrors implements Rule {
    static final RuleId ID = new RuleId("partner.sway-mirrors");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "When facing, the {lady} sways to the side opposite to the {man}'s.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "Rows that begin at different times are not compared.",
                "Promenade shapes differ between schools and are left alone.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            Sway his = moment.man().step().sway();
            Sway hers = moment.lady().step().sway();
            if (moment.man().position().isFacing() && !hers.isToTheSideOf(his.mirrored())) {
                findings.add(Finding.doubtful(
                                ID,
                                Role.LADY,
                                moment.lady().number(),
                                "The {man} sways " + his + " on step "
                                        + moment.man().number() + ", so the {lady} would sway " + his.mirrored()
                                        + " on step " + moment.lady().number() + ", but " + hers + " is charted.")
                        .withFix(
                                "Sway " + his.mirrored(), "sway", his.mirrored().toString()));
            }
        }
        return findings;
    }
}
