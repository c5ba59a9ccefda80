package fluidframe.core.rule.footwork;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules about the parts of the foot, for the dances with rise and fall. */
public final class FootworkRules {
    private FootworkRules() {}

    public static List<Rule> all() {
        return List.of(
                new ForwardLeadsWithHeel(),
                new BackReachesWithToe(),
                new UpBeginsOnToe(),
                new UpEndsOnToe(),
                new LoweringEndsOnHeel(),
                new HeelTurnOnHeel(),
                new NoHeelLeadsInLatin(),
                new LockStaysOnBall(),
                new TouchKeepsHeelUp(),
                new BriefStepsAlike());
    }
}
