package fluidframe.core.motion;

import fluidframe.core.chart.Step;
import fluidframe.core.direction.Turn;
import fluidframe.core.floor.Footfall;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;

/**
 * A row as it is danced on the floor.
 *
 * @param row the row and the state after it
 * @param fall where its foot goes, in beats from the first bar
 * @param block the figure it is of, from 0
 * @param rotation sixteenths by which the chart is turned from x
 */
record Danced(LedgerRow row, Footfall fall, int block, int rotation) {
    Step step() {
        return row.step();
    }

    double onset() {
        return fall.onset();
    }

    double end() {
        return fall.end();
    }

    double length() {
        return end() - onset();
    }

    Foot foot() {
        return step().foot();
    }

    Placement.Kind kind() {
        return step().placement().kind();
    }

    /** Whether the foot goes somewhere, be it only up and down. */
    boolean movesFoot() {
        return step().isStep() && kind() != Placement.Kind.HOLD;
    }

    /** Whether the foot comes to the other one, wherever that has turned to. */
    boolean comesToTheOther() {
        return switch (kind()) {
            case CLOSE, CROSS_BEHIND, CROSS_IN_FRONT, IN_PLACE, STAMP, BRUSH, DRAW, TAP -> true;
            default -> false;
        };
    }

    /** Whether the foot that stands turns under the weight. */
    boolean turnsStandingFoot() {
        Turn turn = step().turn();
        return turn.footSixteenths() != 0 && (turn.kind().turnsOnStandingFoot() || !movesFoot());
    }

    /** On which point of the sole it turns, as a share of the shoe before its middle. */
    double turningPoint() {
        return switch (step().turn().kind()) {
            case HEEL_TURN, HEEL_PULL -> FootTrack.HEEL;
            default -> FootTrack.BALL;
        };
    }

    boolean turnsBeforeTheFootLeaves() {
        Turn.Kind kind = step().turn().kind();
        return kind == Turn.Kind.SWIVEL || kind == Turn.Kind.SPIRAL || kind == Turn.Kind.TWIST;
    }
}
