package fluidframe.core.motion;

import fluidframe.core.couple.Role;
import fluidframe.core.floor.Point;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.List;

/** Where the body of one dancer is between its feet, and how the weight passes from one to the other. */
final class Balance {
    /** Share of the weight that stays on the foot that is left until the body is over the new one. */
    private static final double KEPT = 0.06;
    /** How far before or beside the hips a foot may stand, in lengths of a leg. */
    private static final double REACHES_AHEAD = 0.52;
    /** How far behind the hips, where the heel can rise. */
    private static final double REACHES_BEHIND = 0.7;

    private static final double REACHES_TOGETHER = 0.58;

    private final Role role;
    private final List<Danced> rows;
    private final Together together;
    private final Manner manner;
    private final Build build;
    private final Steps steps;
    private final Curve.Draft onLeft = new Curve.Draft();
    private final Curve.Draft x = new Curve.Draft();
    private final Curve.Draft y = new Curve.Draft();
    private Point centre;
    private Foot standing;
    private boolean wasClose;
    /** When the body is over the foot that was put down last; never if it comes back before. */
    private double bodyOver;

    Balance(Role role, List<Danced> rows, Together together, Steps steps, Manner manner, Build build, Point start) {
        this.role = role;
        this.rows = rows;
        this.together = together;
        this.steps = steps;
        this.manner = manner;
        this.build = build;
        this.centre = start;
        Danced first = rows.get(0);
        double from = first.onset() - DancerMaker.READY;
        wasClose = first.row().position().isClose();
        standing = first.movesFoot() ? first.foot().other() : first.foot();
        onLeft.note(from, standing == Foot.LEFT ? 1 : 0);
        note(from, start);
    }

    Foot standing() {
        return standing;
    }

    Curve.Draft onLeft() {
        return onLeft;
    }

    Curve.Draft x() {
        return x;
    }

    Curve.Draft y() {
        return y;
    }

    /** Before a foot leaves, whatever weight is on it goes to the other. */
    void shiftWeightOff(Danced danced, Times times) {
        if (!danced.movesFoot() || danced.kind() == Placement.Kind.REPLACE) return;
        double other = danced.foot() == Foot.LEFT ? 0 : 1;
        if (onLeft.last() == other) return;
        onLeft.note(Math.max(times.before(), times.leaves() - 0.05), other);
        standing = danced.foot().other();
    }

    /** The body is on its way as the foot lands, and over it when the next one passes. */
    void moveBody(int index, Times times, double turn) {
        Danced danced = rows.get(index);
        Point before = centre;
        centre = danced.fall().centre().plus(steps.shortened());
        if (rocks(index)) centre = before.towards(centre, reached(danced));
        boolean takes = danced.step().weightTaken() != Weight.NONE;
        double early = Math.max(Math.min(times.leaves(), times.onset() - 0.02), x.latest() + 0.01);
        double lands = Math.max(times.lands(), early + 0.01);
        double settled = Math.max(times.settled(), lands + 0.02);
        double reached = reached(danced);
        double leaves = manner.leaves(times.onset(), times.end());
        // What the leg that is left does not reach, the body goes when that leg is under way.
        double over = Math.max(
                settled + 0.04,
                reached < 1 ? leaves + 0.5 * (times.end() - leaves) : times.onset() + 0.75 * danced.length());
        double between = Math.max(settled + 0.02, Math.min(leaves, over - 0.02));
        bodyOver = rocks(index) ? Double.MAX_VALUE : reached < 1 ? over : between;
        Curve share = new Curve.Draft()
                .note(early, takes ? 0.04 : 0)
                .note(lands, takes ? manner.shareAtLanding() : 0.5)
                .note(settled, Math.min(manner.shareSettled(), 0.97 * reached))
                .note(between, Math.min(0.5 * (1 + manner.shareSettled()), reached))
                .note(over, 1)
                .done();
        boolean round = together.isCouple() && danced.row().position().isClose() && wasClose;
        wasClose = danced.row().position().isClose();
        int pieces = round && Math.abs(turn) > 1 ? 10 : 3;
        double[] marks = {early, lands, settled, between, over};
        for (int mark = 0; mark < marks.length; mark++) {
            int parts = mark == 0 ? 1 : pieces;
            for (int i = 1; i <= parts; i++) {
                double from = mark == 0 ? early : marks[mark - 1];
                double beat = mark == 0 ? early : from + (marks[mark] - from) * i / parts;
                double done = share.at(beat);
                note(
                        beat,
                        round
                                ? together.on(role, before, centre, danced.onset(), danced.end(), done, turn)
                                : before.towards(centre, done));
            }
        }
    }

    /** Whether the weight comes back onto the foot that it leaves. */
    private boolean rocks(int index) {
        Danced danced = rows.get(index);
        return danced.movesFoot()
                && danced.step().weightTaken() == Weight.FULL
                && steps.isReplacedOnto(index, danced.foot().other());
    }

    /** How much of its way the body can go while the foot that it leaves stays. */
    private double reached(Danced danced) {
        if (!danced.movesFoot() || danced.step().weightTaken() != Weight.FULL) return 1;
        // Who holds each other close goes together, whoever of the two steps back.
        boolean close = danced.row().position().isClose();
        double reaches = close ? REACHES_TOGETHER : steps.leavesBehind(danced) ? REACHES_BEHIND : REACHES_AHEAD;
        return Math.min(1, reaches * build.leg() / Math.max(steps.apart(danced), 0.01));
    }

    private void note(double beat, Point place) {
        x.note(beat, place.x());
        y.note(beat, place.y());
    }

    /** The weight passes from the landing on, and all of it when the body is over the foot. */
    void takeWeight(Danced danced, Times times) {
        Weight taken = danced.step().weightTaken();
        if (taken == Weight.NONE || !danced.movesFoot()) return;
        double on = danced.foot() == Foot.LEFT ? 1 : 0;
        double off = 1 - on;
        if (taken == Weight.PART) {
            onLeft.note(Math.max(times.lands(), onLeft.latest() + 0.001), onLeft.last());
            onLeft.note(times.settled(), 0.5);
            return;
        }
        onLeft.note(Math.max(times.lands(), onLeft.latest() + 0.001), onLeft.last());
        double passed = Math.max(times.settled(), onLeft.latest() + 0.01);
        if (bodyOver > passed) onLeft.note(passed, on + (off - on) * KEPT);
        if (bodyOver < times.end()) onLeft.note(Math.max(passed, bodyOver), on);
        standing = danced.foot();
    }
}
