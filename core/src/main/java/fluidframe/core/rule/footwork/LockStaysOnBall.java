package fluidframe.core.rule.footwork;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Placement;
import java.util.List;
import java.util.Optional;

/** A crossed foot on half a beat has no time and no room for its heel. */
final class LockStaysOnBall implements Rule {
    static final RuleId ID = new RuleId("footwork.lock-stays-on-ball");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A Latin lock or cross of half a beat or less stays on the ball or toe.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (sheet.chart().dance().family() != Dance.Family.LATIN) return List.of();
        return sheet.perRow((role, row) -> {
            Placement.Kind kind = row.step().placement().kind();
            boolean crosses = kind == Placement.Kind.CROSS_BEHIND || kind == Placement.Kind.CROSS_IN_FRONT;
            boolean quick = row.end().minus(row.onset()).compareTo(Beats.HALF) <= 0;
            boolean heel = row.step().footwork().map(Footwork::usesHeel).orElse(false);
            if (!crosses || !quick || !heel) return Optional.empty();
            return Optional.of(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number() + " " + kind + " on "
                                    + row.end().minus(row.onset()) + " of a beat and yet puts the heel down.")
                    .withFix("Stay on the ball", "work", "B"));
        });
    }
}
