package fluidframe.core.rule.safety;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules about what may hurt. */
public final class SafetyRules {
    private SafetyRules() {}

    public static List<Rule> all() {
        return List.of(new CautionSaid());
    }
}
