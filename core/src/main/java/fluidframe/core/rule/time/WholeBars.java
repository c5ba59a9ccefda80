package fluidframe.core.rule.time;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** A figure that breaks the bar starts the next one off the beat. */
final class WholeBars implements Rule {
    static final RuleId ID = new RuleId("time.whole-bars");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A figure fills whole bars, or half bars where its dance may start on the half bar.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Tango, foxtrot, quickstep and jive have figures of one and a half bars.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Dance dance = sheet.chart().dance();
        Beats unit = dance.phraseUnit();
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            Beats total = sheet.chart().rhythm(role).total();
            Beats over = total.remainder(unit);
            if (!over.isZero()) {
                findings.add(Finding.broken(
                        ID,
                        role,
                        sheet.rows(role).size(),
                        "The " + role.told() + "'s rows last " + total
                                + " beats, which is " + over + " over a whole number of "
                                + (unit.equals(dance.bar()) ? "bars of " + unit : "half bars of " + unit)
                                + "."));
            }
        }
        return findings;
    }
}
