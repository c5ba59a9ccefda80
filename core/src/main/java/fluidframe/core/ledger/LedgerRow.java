package fluidframe.core.ledger;

import fluidframe.core.chart.Step;
import fluidframe.core.count.Beats;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Direction;
import fluidframe.core.step.Foot;

/**
 * The state of one dancer after one row.
 *
 * @param number the row's number in its role, from 1
 * @param step the row itself
 * @param onset beats from the start of the figure to its start
 * @param end beats from the start of the figure to its end
 * @param footBefore where the feet pointed before
 * @param foot where the foot points: as charted, else as the turn makes it
 * @param expected where the foot points by the row before and the turn
 * @param bodyBefore where the body faced before
 * @param body where the body faces
 * @param lag sixteenths the body has still to turn, signed
 * @param running signed sixteenths turned since the start
 * @param standing the foot that carries the weight
 * @param upBefore whether the dancer was up before
 * @param upDuring whether the dancer is up while the foot is placed
 * @param up whether the dancer is up at the end of the row
 * @param position the couple position in force
 * @param hold the hold in force
 */
public record LedgerRow(
        int number,
        Step step,
        Beats onset,
        Beats end,
        Direction footBefore,
        Direction foot,
        Direction expected,
        Direction bodyBefore,
        Direction body,
        int lag,
        int running,
        Foot standing,
        boolean upBefore,
        boolean upDuring,
        boolean up,
        CouplePosition position,
        Hold hold) {
    public Foot free() {
        return standing.other();
    }

    /** Whether the direction of the foot comes from the turn because no alignment is charted. */
    public boolean isComputed() {
        return step.alignment().isEmpty();
    }
}
