package fluidframe.core.rule.partner;

import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.ContraBody;
import java.util.ArrayList;
import java.util.List;

/** Contra body movement on one side only twists the couple. */
final class CbmTogether implements Rule {
    static final RuleId ID = new RuleId("partner.cbm-together");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Contra body movement is used by both partners on the same step.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "A row that closes, brushes or turns on the heel.",
                "A row charted as doubtful.",
                "How slight it is differs between schools.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            Step his = moment.man().step();
            Step hers = moment.lady().step();
            boolean walks =
                    his.placement().kind().travels() && hers.placement().kind().travels();
            boolean differ = (his.cbm() == ContraBody.NONE) != (hers.cbm() == ContraBody.NONE);
            if (walks && differ && !his.doubtful() && !hers.doubtful()) {
                Role lacking = his.cbm() == ContraBody.NONE ? Role.MAN : Role.LADY;
                int step = moment.of(lacking).number();
                findings.add(Finding.doubtful(
                                ID,
                                lacking,
                                step,
                                "The " + lacking.partner().told() + " uses CBM on step "
                                        + moment.of(lacking.partner()).number() + " and the " + lacking.told()
                                        + " does not on step " + step + ".")
                        .withFix("Add CBM", "cbm", "yes"));
            }
        }
        return findings;
    }
}
