package fluidframe.core.rule.body;

import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Bounce;
import fluidframe.core.step.Sway;
import java.util.List;
import java.util.Optional;

/** Rise in a tango or bounce in a rumba was copied from another dance. */
final class OnlyWhatTheDanceHas implements Rule {
    static final RuleId ID = new RuleId("body.only-what-the-dance-has");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Rise, sway, bounce and hip action are charted only in the dances that have them.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A school that shapes a Latin step to one side charts it under body, not as sway.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Dance dance = sheet.chart().dance();
        return sheet.perRow((role, row) -> {
            Step step = row.step();
            String what = !dance.hasRise() && !step.rise().actions().isEmpty()
                    ? "rise"
                    : !dance.hasSway() && !step.sway().equals(Sway.STRAIGHT)
                            ? "sway"
                            : !dance.hasBounce() && step.bounce() != Bounce.NONE
                                    ? "bounce"
                                    : !dance.hasHipAction() && !step.hip().isNone() ? "hip" : "";
            if (what.isEmpty()) return Optional.empty();
            return Optional.of(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number() + " has "
                                    + (what.equals("hip") ? "hip action" : what) + ", which the " + dance.title()
                                    + " does not use.")
                    .withFix("Take it out", what, ""));
        });
    }
}
