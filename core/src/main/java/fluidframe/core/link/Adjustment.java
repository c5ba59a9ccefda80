package fluidframe.core.link;

import fluidframe.core.direction.TurnText;

/**
 * What would make a join possible.
 *
 * @param corner whether the second figure begins on the new line of dance
 * @param lastTurnSixteenths how much more the first figure's last turn is, in its own direction; negative for less
 */
public record Adjustment(boolean corner, int lastTurnSixteenths) {
    public static final Adjustment NONE = new Adjustment(false, 0);

    /** How much it asks for: simpler ones first. */
    public int cost() {
        return Math.abs(lastTurnSixteenths) * 2 + (corner ? 3 : 0);
    }

    /** {@code "turn 1/8 more at the end of the figure before, and take the corner"}. */
    public String words() {
        String turn = lastTurnSixteenths == 0
                ? ""
                : "turn " + TurnText.change(lastTurnSixteenths) + " at the end of the figure before";
        if (!corner) return turn;
        return turn.isEmpty() ? "take the corner here" : turn + " and take the corner here";
    }
}
