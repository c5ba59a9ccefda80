package fluidframe.core.motion;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.Point;
import java.util.ArrayList;
import java.util.List;

/** Writes the track of one dancer, row after row. */
final class DancerMaker {
    /** Beats before the first row in which the dancers get ready. */
    static final double READY = 1;

    private final Role role;
    private final List<Danced> rows;
    private final Manner manner;
    private final Build build;
    private final Steps steps;
    private final Balance balance;
    private final Upper upper;
    private final Curve.Draft body = new Curve.Draft();
    private final List<Hands> hands = new ArrayList<>();
    private double facing;

    DancerMaker(Role role, List<Danced> rows, Point start, Together together, Dance dance, Build build) {
        this.role = role;
        this.rows = rows;
        this.manner = Manner.of(dance);
        this.build = build;
        Danced first = rows.get(0);
        double from = first.onset() - READY;
        facing = first.row().footBefore().sixteenths() + first.rotation();
        double faced =
                facing + wrapped(first.row().bodyBefore().turnFrom(first.row().footBefore()));
        body.note(from, faced);
        steps = new Steps(rows, manner, build, from, start, facing);
        balance = new Balance(role, rows, together, steps, manner, build, start);
        upper = new Upper(role, dance, build, manner, from, faced);
    }

    Track track() {
        double from = rows.get(0).onset() - READY;
        double end = rows.get(0).onset();
        for (int i = 0; i < rows.size(); i++) {
            Danced danced = rows.get(i);
            // After a pause the dancers get ready again.
            boolean paused = danced.onset() - end > 1e-6;
            if (paused) from = Math.max(end, danced.onset() - READY);
            dance(i, Times.of(danced, from, manner));
            from = danced.onset();
            end = danced.end();
        }
        return new TrackDraft(build, steps.feet(), balance, body, upper, hands).done();
    }

    private void dance(int index, Times times) {
        Danced danced = rows.get(index);
        double turn = turn(danced);
        double faced = body.last();
        double target = facing + turn - danced.row().lag();
        balance.shiftWeightOff(danced, times);
        steps.turnStandingFoot(danced, times, balance.standing(), turn);
        turnBody(danced, times, target);
        facing += turn;
        steps.moveFoot(index, times, faced, facing);
        balance.moveBody(index, times, turn);
        balance.takeWeight(danced, times);
        steps.drawFree(index, times, facing);
        upper.dance(danced, times, target, faced);
        Hands held = Hands.of(danced.row().hold(), role, times.onset());
        if (hands.isEmpty() || !hands.get(hands.size() - 1).holdsTheSameAs(held)) hands.add(held);
    }

    /** How far the feet turn on a row, by the turn charted and by the alignment it is charted to end on. */
    private double turn(Danced danced) {
        double charted = danced.step().turn().footSixteenths();
        double laid = danced.row().foot().sixteenths() + danced.rotation();
        return charted + wrapped(laid - facing - charted);
    }

    static double wrapped(double sixteenths) {
        return ((sixteenths + 8) % 16 + 16) % 16 - 8;
    }

    private void turnBody(Danced danced, Times times, double target) {
        boolean onFoot = danced.turnsStandingFoot();
        double from = onFoot ? times.turning(danced)[0] : Math.min(times.leaves(), times.onset());
        double to = onFoot ? times.turning(danced)[1] : times.settled();
        body.stay(Math.max(from, body.latest()));
        double start = body.last();
        double begin = Math.max(from, body.latest());
        if (onFoot) {
            int pieces = Math.max(1, (int) Math.ceil(Math.abs(target - start)));
            for (int i = 1; i <= pieces; i++) {
                double share = (double) i / pieces;
                body.note(begin + (to - begin) * share, start + (target - start) * share * share * (3 - 2 * share));
            }
        } else {
            body.note(Math.max(to, begin + 0.01), target);
        }
    }
}
