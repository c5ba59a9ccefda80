package fluidframe.core.chart;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import java.util.List;

/**
 * How a figure may begin.
 *
 * @param position the couple position before the first step
 * @param hold the hold before the first step
 * @param entries the man's alignments on which it may begin besides the charted one
 * @param outsideAllowed whether the first step may be taken outside the partner
 * @param fromCheck whether the step before it is checked, so that it may go back the way it came
 * @param man what the man does before the first count
 * @param lady what the lady does before the first count
 */
public record Start(
        CouplePosition position,
        Hold hold,
        List<Alignment> entries,
        boolean outsideAllowed,
        boolean fromCheck,
        Preparation man,
        Preparation lady) {
    public Start {
        entries = List.copyOf(entries);
    }

    /** Nothing but where the couple stands. */
    public static Start in(CouplePosition position, Hold hold) {
        return new Start(position, hold, List.of(), false, false, Preparation.NONE, Preparation.NONE);
    }

    public Preparation preparation(Role role) {
        return role == Role.MAN ? man : lady;
    }

    /** The same from other alignments. */
    Start entering(List<Alignment> alignments) {
        return new Start(position, hold, alignments, outsideAllowed, fromCheck, man, lady);
    }

    /** The same on the other foot to the other side, from the alignments as they stand. */
    Start turnedAbout() {
        return new Start(
                position.mirrored(),
                hold.mirrored(),
                entries,
                outsideAllowed,
                fromCheck,
                man.mirrored(),
                lady.mirrored());
    }

    /** The same on the other foot to the other side, with the alignments mirrored across the line of dance. */
    public Start mirrored() {
        return turnedAbout().entering(entries.stream().map(Alignment::mirrored).toList());
    }
}
