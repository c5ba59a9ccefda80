package fluidframe.core.rule.body;

import fluidframe.core.count.Beats;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Bounce;
import java.util.List;
import java.util.Optional;

/** The knees bounce with the beat as it is divided. */
final class BounceFitsRhythm implements Rule {
    static final RuleId ID = new RuleId("body.bounce-fits-rhythm");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The alternative bounce belongs to beats divided 3/4 and 1/4, the basic bounce to beats that are not.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("The whole beat that follows a quarter completes the alternative bounce.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perRow((role, row) -> {
            Beats length = row.end().minus(row.onset());
            boolean divided = length.equals(Beats.QUARTER) || length.equals(Beats.of(3, 4));
            Bounce bounce = row.step().bounce();
            boolean wrong =
                    bounce == Bounce.BASIC && divided || bounce == Bounce.ALTERNATIVE && length.equals(Beats.HALF);
            if (!wrong) return Optional.empty();
            Bounce right = divided ? Bounce.ALTERNATIVE : Bounce.NONE;
            return Optional.of(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number() + " lasts " + length
                                    + " of a beat, for which the " + bounce + " bounce has no time.")
                    .withFix("Make it " + right, "bounce", right.toString()));
        });
    }
}
