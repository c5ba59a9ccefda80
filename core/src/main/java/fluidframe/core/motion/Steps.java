package fluidframe.core.motion;

import fluidframe.core.floor.Point;
import fluidframe.core.step.Contact;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** The two feet of one dancer, row after row: where they travel, stand, turn and trail. */
final class Steps {
    /** Half the distance between the feet of somebody who stands, in metres. */
    private static final double HALF_STANCE = 0.07;
    /** How far to the side of the other a foot passes. */
    private static final double PASSING = 0.15;
    /** How high heel and ball are while a foot travels. */
    private static final Contacts.Lift TRAVELLING = new Contacts.Lift(0.06, 0.025);
    /** How far the heel is up as a foot leaves. */
    private static final double LEAVING_HEEL = 0.06;
    /** The front foot of a step back lets its toe go. */
    private static final double RELEASED_TOE = 0.03;
    /** Beats in which a heel is released at the quickest. */
    private static final double RELEASED = 0.08;
    /** How far apart two feet come at the most, in lengths of a leg. */
    private static final double LONGEST_STEP = 0.98;
    /** How far from the other the free foot trails while the body waits or turns, and where a figure is over. */
    private static final double TRAILING = 0.32;

    private static final double AT_REST = 0.22;

    private final List<Danced> rows;
    private final Manner manner;
    private final Build build;
    private final Map<Foot, FootTrack.Draft> feet = new EnumMap<>(Foot.class);
    /** By how much the last step was less far than the floor has it. */
    private Point shortened = Point.ORIGIN;

    Steps(List<Danced> rows, Manner manner, Build build, double from, Point centre, double facing) {
        this.rows = rows;
        this.manner = manner;
        this.build = build;
        for (Foot foot : Foot.values()) {
            Point beside = centre.plus(Point.polar(foot.side() * HALF_STANCE, facing + 4));
            feet.put(foot, new FootTrack.Draft(from, beside, facing));
        }
    }

    Map<Foot, FootTrack.Draft> feet() {
        return feet;
    }

    Point shortened() {
        return shortened;
    }

    void turnStandingFoot(Danced danced, Times times, Foot standing, double turn) {
        if (!danced.turnsStandingFoot()) return;
        double[] when = times.turning(danced);
        FootTrack.Draft stood = feet.get(standing);
        FootTrack.Draft free = feet.get(standing.other());
        Point axis = stood.place().plus(Point.polar(danced.turningPoint() * build.shoe(), stood.direction.last()));
        lighten(danced, stood, when);
        stood.turnOn(danced.turningPoint(), build.shoe(), turn, when[0], when[1]);
        if (!danced.movesFoot() || trails(danced)) free.goRound(axis, turn, when[0], when[1]);
    }

    /** Who turns on the ball has the heel a little off the floor, on the heel the ball. */
    private static void lighten(Danced danced, FootTrack.Draft stood, double[] when) {
        boolean onHeel = danced.turningPoint() == FootTrack.HEEL;
        double heel = onHeel ? 0 : Math.max(0.025, stood.heel.last());
        double ball = onHeel ? 0.012 : 0;
        stood.lift(when[0] + 0.15 * (when[1] - when[0]), heel, ball);
        stood.lift(when[1], heel, ball);
    }

    /** Moves the foot of a row, if it moves one; the body faced {@code faced} before, the feet point to {@code facing} after. */
    void moveFoot(int index, Times times, double faced, double facing) {
        Danced danced = rows.get(index);
        shortened = Point.ORIGIN;
        if (!danced.movesFoot()) return;
        FootTrack.Draft foot = feet.get(danced.foot());
        FootTrack.Draft other = feet.get(danced.foot().other());
        Point target = danced.fall().place();
        if (danced.comesToTheOther()) target = target.plus(other.place().minus(other.planned));
        foot.planned = danced.fall().place();
        target = target.minus(laterTurn(index, facing).times(0.5));
        Point step = target.minus(other.place());
        double most = LONGEST_STEP * build.leg();
        if (step.length() > most) {
            Point nearer = other.place().plus(step.times(most / step.length()));
            // Two who hold each other close stay so, and one of them steps a little short.
            shortened = nearer.minus(target).times(danced.row().position().isClose() ? 0.6 : 1);
            target = nearer;
        }
        List<Contact> contacts = Contacts.of(danced.step().footwork());
        travel(danced, times, target, faced, facing, Contacts.landing(contacts));
        double until = untilTurned(index, times);
        Contacts.note(foot, contacts, times.onset(), Math.min(times.settled(), until), until);
        releaseOther(danced, times, other, target);
    }

    private void travel(Danced danced, Times times, Point target, double faced, double facing, Contacts.Lift landing) {
        FootTrack.Draft foot = feet.get(danced.foot());
        FootTrack.Draft other = feet.get(danced.foot().other());
        Point from = foot.place();
        double leaves = Math.max(times.leaves(), foot.x.latest());
        double lands = Math.max(times.lands(), leaves + 0.02);
        foot.stay(leaves);
        if (foot.heel.latest() < leaves - RELEASED) foot.lift(leaves, Math.max(foot.heel.last(), LEAVING_HEEL), 0);
        double middle = (leaves + lands) / 2;
        boolean passes = passes(from, target, other.place());
        double length = target.minus(from).length();
        double share = Math.min(1, 0.35 + length / 0.3);
        boolean stays = danced.kind() == Placement.Kind.REPLACE;
        foot.lift(middle, TRAVELLING.heel() * share, stays ? 0 : TRAVELLING.ball() * share);
        if (passes) foot.place(middle, passing(from, target, other.place(), danced.foot(), faced));
        foot.place(lands, target);
        foot.direction.note(lands, facing);
        foot.lift(lands, landing.heel(), landing.ball());
        if (danced.kind() == Placement.Kind.FLICK) foot.lift(lands, 0.3, 0.24);
    }

    /** The foot that the weight goes off: its heel rises where the step goes forward, its toe where it goes back. */
    private void releaseOther(Danced danced, Times times, FootTrack.Draft other, Point target) {
        if (danced.step().weightTaken() != Weight.FULL) return;
        Point way = target.minus(other.place());
        if (way.length() < 0.25) return;
        double ahead = way.x() * Math.cos(other.direction.last() * Math.PI / 8)
                + way.y() * Math.sin(other.direction.last() * Math.PI / 8);
        double beat = Math.max(times.settled(), other.heel.latest() + RELEASED);
        if (ahead > -0.15) other.lift(beat, LEAVING_HEEL, 0);
        else other.lift(beat, 0, RELEASED_TOE);
    }

    /** A foot that the next row does not need comes after the body, unless the weight will be replaced onto it. */
    void drawFree(int index, Times times, double facing) {
        Danced danced = rows.get(index);
        Danced next = index + 1 < rows.size() ? rows.get(index + 1) : null;
        boolean taken = danced.movesFoot() && danced.step().weightTaken() == Weight.FULL;
        boolean trails = next != null && trails(next);
        boolean needed = next != null && next.movesFoot() && next.foot() != danced.foot() && !trails;
        if (!taken || needed || isReplacedOnto(index, danced.foot().other())) return;
        FootTrack.Draft free = feet.get(danced.foot().other());
        Point stood = feet.get(danced.foot()).place();
        Point away = free.place().minus(stood);
        double most = next == null ? AT_REST : TRAILING;
        if (away.length() <= most) return;
        double turns = trails ? Times.of(next, times.onset(), manner).turning(next)[0] : times.end();
        double begins =
                Math.max(Math.min(times.settled(), times.onset() + 0.5 * (turns - times.onset())), free.x.latest());
        double ends = Math.max(begins + 0.05, Math.min(turns, times.onset() + 0.8 * danced.length()));
        free.stay(begins);
        if (free.heel.latest() < begins - RELEASED) free.lift(begins, LEAVING_HEEL, 0);
        free.place(ends, stood.plus(away.times(most / away.length())));
        free.direction.note(ends, facing);
        free.lift(ends, LEAVING_HEEL, 0);
    }

    /** Whether the free foot hangs from the body while the other one turns, before it goes on. */
    private static boolean trails(Danced danced) {
        return danced.turnsStandingFoot()
                && danced.turnsBeforeTheFootLeaves()
                && danced.kind() != Placement.Kind.REPLACE;
    }

    /** Whether the weight goes back onto a foot where it stands, when it is next moved. */
    boolean isReplacedOnto(int index, Foot foot) {
        for (int i = index + 1; i < rows.size(); i++) {
            Danced later = rows.get(i);
            if (later.movesFoot() && later.foot() == foot) return later.kind() == Placement.Kind.REPLACE;
        }
        return false;
    }

    /** A foot that turns where it stands is as the turn needs it by then, whatever the row said until its end. */
    private double untilTurned(int index, Times times) {
        if (index + 1 == rows.size()) return times.end();
        Danced next = rows.get(index + 1);
        if (!next.turnsStandingFoot() || rows.get(index).step().weightTaken() != Weight.FULL) return times.end();
        double from = Times.of(next, times.onset(), manner).turning(next)[0];
        return Math.max(from, times.onset() + 0.2 * (times.end() - times.onset()));
    }

    /** By how much the place of a foot will be off the floor plan's once it has turned on ball or heel where it stands. */
    private Point laterTurn(int index, double facing) {
        Foot foot = rows.get(index).foot();
        double direction = facing;
        Point off = Point.ORIGIN;
        for (int i = index + 1; i < rows.size(); i++) {
            Danced later = rows.get(i);
            if (later.movesFoot() && later.foot() == foot) break;
            double turn = later.step().turn().footSixteenths();
            if (later.turnsStandingFoot()) {
                double arm = later.turningPoint() * build.shoe();
                off = off.plus(Point.polar(arm, direction)).minus(Point.polar(arm, direction + turn));
            }
            direction += turn;
        }
        return off;
    }

    /** Whether the way of a foot leads from one side of the other foot to the other side. */
    private static boolean passes(Point from, Point to, Point other) {
        Point way = to.minus(from);
        double length = way.length();
        if (length < 0.3) return false;
        Point toOther = other.minus(from);
        double along = (toOther.x() * way.x() + toOther.y() * way.y()) / length;
        double aside = Math.abs(toOther.x() * way.y() - toOther.y() * way.x()) / length;
        return along > 0.15 * length && along < 0.85 * length && aside < PASSING;
    }

    private static Point passing(Point from, Point to, Point other, Foot foot, double faced) {
        Point way = to.minus(from);
        double heading = Math.atan2(way.y(), way.x()) * 8 / Math.PI;
        Point side = Point.polar(foot.side() * PASSING, faced + 4);
        Point right = Point.polar(1, heading + 4);
        double aside = side.x() * right.x() + side.y() * right.y();
        double out = Math.abs(aside) < 0.05 ? PASSING : PASSING * Math.signum(aside);
        return other.plus(right.times(out));
    }

    /** Metres between the two feet. */
    double apart(Danced danced) {
        return feet.get(danced.foot())
                .place()
                .minus(feet.get(danced.foot().other()).place())
                .length();
    }

    /** Whether the foot that is left lies behind, where its heel can rise, and not in front or to the side. */
    boolean leavesBehind(Danced danced) {
        FootTrack.Draft other = feet.get(danced.foot().other());
        Point way = feet.get(danced.foot()).place().minus(other.place()).turned(-other.direction.last());
        return way.length() < 0.3 || way.x() > 0.6 * way.length();
    }
}
