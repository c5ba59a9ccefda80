package fluidframe.core.rule.weight;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules about which foot carries the weight. */
public final class WeightRules {
    private WeightRules() {}

    public static List<Rule> all() {
        return List.of(
                new FeetAlternate(),
                new TurnOnFullWeight(),
                new TurningFootCarries(),
                new BrushLeavesWeight(),
                new ActionOnStandingFoot(),
                new RepeatsAlternate());
    }
}
