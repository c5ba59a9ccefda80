package fluidframe.server.ribbon;

import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.TurnText;
import fluidframe.core.step.Foot;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What can be chosen for a routine, besides its figures.
 *
 * @param floors usual floors
 * @param startTurns how the first figure may be turned from its chart
 * @param endTurns how much more or less of a figure's last turn may be made
 * @param counts the languages in which steps are counted
 */
record RoutineTerms(
        List<FloorSize> floors,
        List<TurnChoice> startTurns,
        List<TurnChoice> endTurns,
        List<String> positions,
        List<String> holds,
        List<String> directions,
        List<FootChoice> feet,
        List<String> counts,
        UsualEnd usualEnd) {
    /** A floor by name; metres. */
    record FloorSize(String name, double length, double width) {}

    /** A turn to choose, in sixteenths, with its words. */
    record TurnChoice(int sixteenths, String words) {}

    /** A foot to choose, with its word. */
    record FootChoice(String id, String words) {}

    /** How a free element ends unless the coach says otherwise. */
    record UsualEnd(String position, String hold, String manFree) {}

    private static final int HALF = 8;
    private static final int EIGHTH = 2;

    static final RoutineTerms USUAL = new RoutineTerms(
            List.of(
                    new FloorSize("competition floor", 24, 14),
                    new FloorSize("hall", 16, 11),
                    new FloorSize("studio", 12, 8),
                    new FloorSize("ballroom corner", 8, 8)),
            IntStream.range(0, HALF)
                    .mapToObj(eighth -> new TurnChoice(eighth * EIGHTH, start(eighth * EIGHTH)))
                    .toList(),
            IntStream.of(0, -4, -2, -1, 1, 2, 4)
                    .mapToObj(turn -> new TurnChoice(turn, turn == 0 ? "as charted" : TurnText.change(turn)))
                    .toList(),
            Stream.of(CouplePosition.values()).map(CouplePosition::toString).toList(),
            Stream.of(Hold.values()).map(Hold::toString).toList(),
            IntStream.range(0, HALF)
                    .mapToObj(eighth -> Direction.of(eighth * EIGHTH).toString())
                    .toList(),
            Stream.of(Foot.values())
                    .map(foot -> new FootChoice(foot.toString(), foot == Foot.LEFT ? "left" : "right"))
                    .toList(),
            Stream.of(CountLanguage.values()).map(CountLanguage::toString).toList(),
            new UsualEnd(CouplePosition.CLOSED.toString(), Hold.CLOSED_CONTACT.toString(), Foot.LEFT.toString()));

    /** More than half a turn to the right is less than half to the left. */
    private static String start(int sixteenths) {
        if (sixteenths == 0) return "as charted";
        return sixteenths <= HALF
                ? "turned " + TurnText.fraction(sixteenths) + " to the right"
                : "turned " + TurnText.fraction(2 * HALF - sixteenths) + " to the left";
    }
}
