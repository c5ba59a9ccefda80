package fluidframe.server.chart;

import fluidframe.core.chart.Step;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Danceable;

/**
 * Where a figure starts or finishes, for a small drawing: directions in sixteenths clockwise from the line of dance.
 *
 * @param manFoot the man's free foot, L or R
 * @param ladyFoot the lady's free foot
 * @param alignment the man's alignment in words
 * @param outside whether the next step is taken outside partner
 * @param ladyRight metres from his centre to hers towards his right
 * @param ladyAhead metres from his centre to hers in the direction he faces
 */
public record EndView(
        int man,
        int lady,
        String manFoot,
        String ladyFoot,
        String position,
        String alignment,
        boolean outside,
        double ladyRight,
        double ladyAhead) {
    public static EndView start(Danceable danced) {
        Ledger ledger = danced.ledger();
        if (danced.chart().isSolo())
            return alone(danced, ledger.of(danced.leader()).start(), 0, true);
        Direction man = ledger.of(Role.MAN).start();
        return new EndView(
                man.sixteenths(),
                ledger.of(Role.LADY).start().sixteenths(),
                danced.chart().man().get(0).foot().toString(),
                danced.chart().lady().get(0).foot().toString(),
                danced.chart().start().position().toString(),
                named(
                        danced.chart()
                                .man()
                                .get(0)
                                .alignment()
                                .map(Alignment::kind)
                                .orElse(Alignment.Kind.FACING),
                        man),
                false,
                danced.chart().start().position().right(),
                danced.chart().start().position().ahead());
    }

    /** One dancer alone; the row tells how the alignment is named. */
    private static EndView alone(Danceable danced, Direction foot, int row, boolean atStart) {
        Role role = danced.leader();
        Step step = danced.chart().steps(role).get(row);
        String free = atStart
                ? step.foot().toString()
                : danced.ledger().of(role).last().free().toString();
        return new EndView(
                foot.sixteenths(),
                foot.sixteenths(),
                role == Role.MAN ? free : "",
                role == Role.LADY ? free : "",
                "alone",
                named(step.alignment().map(Alignment::kind).orElse(Alignment.Kind.FACING), foot),
                false,
                0,
                0);
    }

    public static EndView finish(Danceable danced) {
        if (danced.chart().isSolo()) {
            var rows = danced.ledger().of(danced.leader()).rows();
            return alone(danced, rows.get(rows.size() - 1).foot(), rows.size() - 1, false);
        }
        Arrival arrival = Arrival.after(danced);
        var last = danced.ledger().of(Role.MAN).last().step();
        return new EndView(
                arrival.man().sixteenths(),
                arrival.lady().sixteenths(),
                arrival.manFree().toString(),
                arrival.ladyFree().toString(),
                arrival.position().toString(),
                named(last.alignment().map(Alignment::kind).orElse(Alignment.Kind.FACING), arrival.man()),
                arrival.finish().nextOutside(),
                where(arrival).right(),
                where(arrival).ahead());
    }

    private static CouplePosition where(Arrival arrival) {
        return arrival.finish().nextOutside() ? CouplePosition.OUTSIDE_RIGHT : arrival.position();
    }

    private static String named(Alignment.Kind kind, Direction foot) {
        Alignment.Kind plain = kind == Alignment.Kind.POINTING ? Alignment.Kind.FACING : kind;
        return Alignment.of(plain, foot).withFootDirection(foot).toString();
    }
}
