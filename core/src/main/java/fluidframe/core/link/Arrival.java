package fluidframe.core.link;

import fluidframe.core.chart.Ending;
import fluidframe.core.chart.Finish;
import fluidframe.core.count.Beats;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.step.Foot;
import java.util.EnumSet;
import java.util.Set;

/**
 * The state in which a figure leaves the couple.
 *
 * @param man where the man's feet point once his body has completed any turn
 * @param lady where the lady's feet point once hers has
 * @param manFree the foot he can step with
 * @param ladyFree the foot she can step with
 * @param dancers who has danced: both, or one alone, whose state then stands for both
 * @param position the couple position
 * @param hold the hold
 * @param finish how the figure may end besides
 * @param turnSide 1 if its last turn is to the right, -1 to the left, 0 if it does not turn
 * @param travel direction in which his last step goes in sixteenths clockwise from the line of dance; NaN if on the spot
 * @param outside whether his last step was taken forward outside the partner, so that it can be checked
 * @param endsAside whether the last step can be danced so much nearer or wider that a hold is closed or opened
 * @param nextBeat the beat of the bar on which the next figure would begin, from 0
 */
public record Arrival(
        Direction man,
        Direction lady,
        Foot manFree,
        Foot ladyFree,
        Set<Role> dancers,
        CouplePosition position,
        Hold hold,
        Finish finish,
        int turnSide,
        double travel,
        boolean outside,
        boolean endsAside,
        Beats nextBeat) {

    /** The state after a figure that began {@code startBeat} beats into a bar, turned by so many sixteenths as a whole. */
    public static Arrival after(Danceable danced, int rotation, Beats startBeat) {
        Ledger ledger = danced.ledger();
        LedgerRow his = ledger.of(danced.leader()).last();
        LedgerRow hers = ledger.of(danced.follower()).last();
        CouplePosition position = ledger.positions().last();
        int hersToCome = position.isFacing() && hers.lag() == 0 ? his.lag() : 0;
        int hisToCome = position.isFacing() && his.lag() == 0 ? hers.lag() : 0;
        Travel travel = Travel.of(danced.lastTravel());
        return new Arrival(
                his.foot().plus(hisToCome + rotation),
                hers.foot().plus(hersToCome + rotation),
                his.free(),
                hers.free(),
                EnumSet.of(danced.leader(), danced.follower()),
                position,
                ledger.positions().lastHold(),
                danced.chart().finish(),
                lastTurnSide(ledger),
                travel.sixteenths() + rotation,
                danced.endsOutside(),
                danced.endsAside(),
                startBeat.plus(danced.length()).remainder(danced.chart().dance().bar()));
    }

    public static Arrival after(Danceable danced) {
        return after(danced, 0, danced.chart().startBeat());
    }

    /** A state that the coach has stated, after something nobody has charted; it is taken to be at rest. */
    public static Arrival stated(
            Direction man, CouplePosition position, Hold hold, Foot manFree, Foot ladyFree, Beats nextBeat) {
        return new Arrival(
                man,
                man.plus((position.from() + position.to()) / 2),
                manFree,
                ladyFree,
                EnumSet.allOf(Role.class),
                position,
                hold,
                Finish.AS_CHARTED,
                0,
                Double.NaN,
                false,
                false,
                nextBeat);
    }

    private static int lastTurnSide(Ledger ledger) {
        int side = 0;
        for (Role role : Role.values()) {
            for (LedgerRow row : ledger.of(role).rows()) {
                int turned = row.step().turn().sixteenths();
                side = turned == 0 ? side : Integer.signum(turned);
            }
        }
        return side;
    }

    /** The same state named from the new line of dance, after a corner. */
    public Arrival afterCorner() {
        return turned(Direction.CORNER_SIXTEENTHS);
    }

    /** The same state had the couple turned so many sixteenths more in the direction of the last turn. */
    Arrival withMoreTurn(int sixteenths) {
        return turned(sixteenths * turnSide);
    }

    private Arrival turned(int sixteenths) {
        return new Arrival(
                man.plus(sixteenths),
                lady.plus(sixteenths),
                manFree,
                ladyFree,
                dancers,
                position,
                hold,
                finish,
                turnSide,
                travel + sixteenths,
                outside,
                endsAside,
                nextBeat);
    }

    /** The same state had the last step been danced nearer or wider. */
    Arrival ended(Ending ending) {
        return new Arrival(
                man,
                lady,
                manFree,
                ladyFree,
                dancers,
                ending.position().orElse(position),
                ending.hold().orElse(hold),
                finish,
                turnSide,
                travel,
                outside,
                endsAside,
                nextBeat);
    }

    public Foot free(Role role) {
        return role == Role.MAN ? manFree : ladyFree;
    }
}
