package fluidframe.core.ledger;

import fluidframe.core.count.Beats;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.couple.RoleWords;
import fluidframe.core.direction.TurnText;
import java.util.ArrayList;
import java.util.List;

/**
 * A change of couple position and the two turns that make it.
 *
 * @param step the man's row on which the new position is named, from 1
 * @param from the position before
 * @param to the position after
 * @param manSixteenths how far the man's body turns from where the old position last held to where the new one is reached
 * @param ladySixteenths the same for the lady
 */
public record PositionChange(int step, CouplePosition from, CouplePosition to, int manSixteenths, int ladySixteenths) {

    /** All changes of a chart in order. */
    public static List<PositionChange> of(Ledger ledger) {
        List<PositionChange> changes = new ArrayList<>();
        CouplePosition before = ledger.positions().before(Beats.ZERO);
        int manAt = 0;
        int ladyAt = 0;
        for (Ledger.Moment moment : ledger.moments()) {
            CouplePosition now = moment.man().position();
            int man = bodyTurn(moment, Role.MAN);
            int lady = bodyTurn(moment, Role.LADY);
            if (now != before) {
                changes.add(new PositionChange(moment.man().number(), before, now, man - manAt, lady - ladyAt));
            }
            if (now.misfit(moment.man().body(), moment.lady().body()) == 0) {
                manAt = man;
                ladyAt = lady;
            }
            before = now;
        }
        return changes;
    }

    private static int bodyTurn(Ledger.Moment moment, Role role) {
        return moment.of(role).running() - moment.of(role).lag();
    }

    /** {@code "closed to promenade: the {man} no turn, the {lady} 1/4 R"}, as {@link RoleWords} tells. */
    public String told() {
        return from + " to " + to + ": the {man} " + TurnText.amount(manSixteenths) + ", the {lady} "
                + TurnText.amount(ladySixteenths);
    }
}
