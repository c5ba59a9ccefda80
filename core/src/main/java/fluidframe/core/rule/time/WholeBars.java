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
        return "In waltz time a figure fills whole bars; in other dances whole beats.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "Tango, foxtrot and others have figures of one and a half bars: only the beat must be whole there.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Dance dance = sheet.chart().dance();
        Beats unit = dance.beatsPerBar() == 3 ? dance.bar() : Beats.ONE;
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            Beats total = sheet.chart().rhythm(role).total();
            Beats over = total.remainder(unit);
            if (!over.isZero()) {
                findings.add(Finding.broken(
                        ID,
                        role,
                        sheet.rows(role).size(),
                        "The " + role + "'s rows last " + total
                                + " beats, which is " + over + " over a whole number of "
                                + (unit.equals(Beats.ONE) ? "beats" : "bars of " + unit)
                                + "."));
            }
        }
        return findings;
    }
}
