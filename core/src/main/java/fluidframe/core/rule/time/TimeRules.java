package fluidframe.core.rule.time;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules about beats and bars. */
public final class TimeRules {
    private TimeRules() {}

    public static List<Rule> all() {
        return List.of(
                new RolesLastEqually(),
                new WholeBars(),
                new CountsRunOn(),
                new SplitsComplete(),
                new StartsOnBeat(),
                new HeelHasTime());
    }
}
