package fluidframe.core.rule.turn;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules about turns and alignments. */
public final class TurnRules {
    private TurnRules() {}

    public static List<Rule> all() {
        return List.of(
                new MatchesAlignment(),
                new DeclaredTotal(),
                new NeedsPivot(),
                new FacingOrBacking(),
                new BodyCompletes(),
                new KeepsItsSide(),
                new NotAllAtOnce(),
                new CrossingTurnSide());
    }
}
