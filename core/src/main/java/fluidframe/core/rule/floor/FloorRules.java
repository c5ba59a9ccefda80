package fluidframe.core.rule.floor;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules about the feet as drawn. */
public final class FloorRules {
    private FloorRules() {}

    public static List<Rule> all() {
        return List.of(new KeepsDistance(), new LeavesRoom(), new WithinReach(), new GoesWithTheLine());
    }
}
