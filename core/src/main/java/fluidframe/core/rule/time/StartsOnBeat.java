package fluidframe.core.rule.time;

import fluidframe.core.count.Count;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** A figure begun on another beat than the music gives pulls the couple off time at once. */
final class StartsOnBeat implements Rule {
    static final RuleId ID = new RuleId("time.starts-on-beat");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A figure begins on a beat of the bar on which its dance may start.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A figure counted in slows and quicks starts wherever the dance may.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Dance dance = sheet.chart().dance();
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            if (sheet.rows(role).isEmpty()) continue;
            Count first = sheet.chart().steps(role).get(0).count();
            if (first.kind() == Count.Kind.BEAT && !dance.startBeats().contains(first.beat())) {
                findings.add(Finding.doubtful(
                        ID,
                        role,
                        1,
                        "The " + role.told() + " begins on beat " + first.beat() + ", but in the " + dance.title()
                                + " figures begin on " + said(dance) + "."));
            }
        }
        return findings;
    }

    private static String said(Dance dance) {
        return String.join(
                " or ", dance.startBeats().stream().map(String::valueOf).toList());
    }
}
