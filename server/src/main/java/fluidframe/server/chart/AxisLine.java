package fluidframe.server.chart;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * One line of the axis on which turn is drawn.
 *
 * @param turn signed sixteenths turned since the start, right positive
 * @param words the same as an amount
 * @param man where he would face then
 * @param lady where she would
 */
record AxisLine(int turn, String words, String man, String lady) {
    private static final int EIGHTH = 2;
    /** How far the axis goes at least to either side, so that a figure without turn is not drawn as a wild one. */
    private static final int LEAST = 2;
    /** Every eighth where so many sixteenths are drawn at the most, then every quarter, then every half. */
    private static final int FINE = 12;

    private static final int MIDDLE = 24;

    static List<AxisLine> of(Ledger ledger) {
        int least = running(ledger).min().orElse(0);
        int most = running(ledger).max().orElse(0);
        int from = Math.min(-LEAST, least);
        int to = Math.max(LEAST, most);
        int apart = EIGHTH * (to - from <= FINE ? 1 : to - from <= MIDDLE ? 2 : 4);
        return IntStream.rangeClosed(-Math.floorDiv(-from, apart), Math.floorDiv(to, apart))
                .map(line -> line * apart)
                .mapToObj(turn -> new AxisLine(
                        turn,
                        turn == 0 ? "0" : TurnText.amount(turn),
                        facing(ledger, Role.MAN, turn),
                        facing(ledger, Role.LADY, turn)))
                .toList();
    }

    private static IntStream running(Ledger ledger) {
        return Stream.of(Role.values())
                .flatMap(role -> ledger.of(role).rows().stream())
                .mapToInt(LedgerRow::running);
    }

    private static String facing(Ledger ledger, Role role, int turn) {
        Direction start = ledger.of(role).start();
        return start.plus(turn).toString();
    }
}
