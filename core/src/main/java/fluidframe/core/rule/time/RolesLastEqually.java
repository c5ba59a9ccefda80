package fluidframe.core.rule.time;

import fluidframe.core.count.Beats;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Severity;
import fluidframe.core.rule.Sheet;
import java.util.List;

/** Partners who end at different times cannot go on together. */
final class RolesLastEqually implements Rule {
    static final RuleId ID = new RuleId("time.roles-last-equally");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Both roles last the same number of beats.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A solo figure has one role only.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Beats his = sheet.chart().rhythm(Role.MAN).total();
        Beats hers = sheet.chart().rhythm(Role.LADY).total();
        if (!sheet.isForCouple() || his.equals(hers)) return List.of();
        return List.of(Finding.whole(
                ID,
                Severity.BROKEN,
                "The {man} dances " + his + " beats and the {lady} " + hers + ": one of them has lost a count."));
    }
}
