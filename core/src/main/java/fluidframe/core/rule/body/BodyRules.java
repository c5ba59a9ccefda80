package fluidframe.core.rule.body;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules about rise and fall. */
public final class BodyRules {
    private BodyRules() {}

    public static List<Rule> all() {
        return List.of(
                new RiseInOrder(),
                new EndsLowered(),
                new OnlyWhatTheDanceHas(),
                new NoSwayInSpins(),
                new HipOverStandingFoot(),
                new BounceFitsRhythm(),
                new InsideTurnsLess());
    }
}
