package fluidframe.core.link;

import fluidframe.core.chart.Ending;
import fluidframe.core.direction.TurnText;
import java.util.ArrayList;
import java.util.List;

/**
 * What would make a join possible.
 *
 * @param corner whether the second figure begins on the new line of dance
 * @param lastTurnSixteenths how much more the first figure's last turn is, in its own direction; negative for less
 * @param ending how near the first figure has to end
 */
public record Adjustment(boolean corner, int lastTurnSixteenths, Ending ending) {
    public static final Adjustment NONE = new Adjustment(false, 0, Ending.AS_CHARTED);

    /** What a corner costs against an eighth of a turn, which is 4. */
    private static final int CORNER_COST = 3;
    /** A nearer or wider step is asked of both partners at once. */
    private static final int ENDING_COST = 2;

    /** How much it asks for: simpler ones first. */
    public int cost() {
        return Math.abs(lastTurnSixteenths) * 2
                + (corner ? CORNER_COST : 0)
                + (ending == Ending.AS_CHARTED ? 0 : ENDING_COST);
    }

    /** {@code "turn 1/8 more at the end of the figure before, and take the corner"}. */
    public String words() {
        List<String> words = new ArrayList<>();
        if (lastTurnSixteenths != 0) {
            words.add("turn " + TurnText.change(lastTurnSixteenths) + " at the end of the figure before");
        }
        if (ending == Ending.NEARER) words.add("dance the last step before it nearer, into closed hold");
        if (ending == Ending.WIDER) words.add("dance the last step before it wider, to open facing");
        if (corner) words.add("take the corner here");
        return String.join(" and ", words);
    }
}
