package fluidframe.core.motion;

import fluidframe.core.floor.Point;

/**
 * One foot over time.
 *
 * @param x the middle of the shoe, metres
 * @param y the middle of the shoe, metres
 * @param direction where the toes point, sixteenths
 * @param heel the heel above the floor, metres
 * @param ball the ball above the floor, metres
 * @param edge how far the sole is tilted to the inside, degrees; negative to the outside
 */
public record FootTrack(Curve x, Curve y, Curve direction, Curve heel, Curve ball, Curve edge) {
    /** The ball before the middle of the shoe, as a share of its length. */
    static final double BALL = 0.22;
    /** The heel behind the middle of the shoe. */
    static final double HEEL = -0.42;
    /** The ankle behind the middle of the shoe. */
    static final double ANKLE = -0.28;

    /** A foot at one moment, in the units of the track. */
    public record Foot(double x, double y, double direction, double heel, double ball, double edge) {
        /** A point of the sole so many shares of the shoe's length before its middle. */
        Point sole(double share, Build build) {
            return new Point(x, y).plus(Point.polar(share * build.shoe(), direction));
        }

        /** How far the sole is tipped forward, by its sine: the heel above the ball. */
        private double tipped(Build build) {
            double sine = (heel - ball) / ((BALL - HEEL) * build.shoe());
            return Math.max(-0.9, Math.min(0.97, sine));
        }

        /** The ankle over the floor; a heel that rises takes it forward over the ball. */
        Point ankle(Build build) {
            double sine = tipped(build);
            double back = (BALL - ANKLE) * build.shoe() * Math.sqrt(1 - sine * sine) - build.ankle() * sine;
            return sole(BALL, build).minus(Point.polar(back, direction));
        }

        double ankleHeight(Build build) {
            double sine = tipped(build);
            return ball + (BALL - ANKLE) * build.shoe() * sine + build.ankle() * Math.sqrt(1 - sine * sine);
        }

        /** The same with the heel so much higher. */
        Foot withHeel(double up) {
            return new Foot(x, y, direction, heel + up, ball, edge);
        }

        boolean isDown() {
            return Math.min(heel, ball) < 0.004;
        }
    }

    public Foot at(double beat) {
        return new Foot(x.at(beat), y.at(beat), direction.at(beat), heel.at(beat), ball.at(beat), edge.at(beat));
    }

    /** A foot being written. */
    static final class Draft {
        final Curve.Draft x = new Curve.Draft();
        final Curve.Draft y = new Curve.Draft();
        final Curve.Draft direction = new Curve.Draft();
        final Curve.Draft heel = new Curve.Draft();
        final Curve.Draft ball = new Curve.Draft();
        final Curve.Draft edge = new Curve.Draft();
        /** Where the floor plan has the foot, which knows no ball and no heel to turn on. */
        Point planned;

        Draft(double beat, Point place, double facing) {
            planned = place;
            place(beat, place);
            direction.note(beat, facing);
            lift(beat, 0, 0);
            edge.note(beat, 0);
        }

        Point place() {
            return new Point(x.last(), y.last());
        }

        Draft place(double beat, Point place) {
            x.note(beat, place.x());
            y.note(beat, place.y());
            return this;
        }

        Draft lift(double beat, double heelMetres, double ballMetres) {
            heel.note(beat, heelMetres);
            ball.note(beat, ballMetres);
            return this;
        }

        /** Stays where and as it is up to a beat. */
        Draft stay(double beat) {
            place(beat, place());
            direction.stay(beat);
            return this;
        }

        /** Turns on a point of the sole, which keeps its place, from one beat to another. */
        void turnOn(double share, double shoe, double sixteenths, double from, double to) {
            stay(from);
            double facing = direction.last();
            Point point = place().plus(Point.polar(share * shoe, facing));
            arc(point, place().minus(point), facing, sixteenths, from, to);
        }

        /** Goes round a point, keeping its side towards it. */
        void goRound(Point point, double sixteenths, double from, double to) {
            stay(from);
            arc(point, place().minus(point), direction.last(), sixteenths, from, to);
        }

        private void arc(Point point, Point arm, double facing, double sixteenths, double from, double to) {
            int pieces = Math.max(1, (int) Math.ceil(Math.abs(sixteenths) / 0.5));
            for (int i = 1; i <= pieces; i++) {
                double share = (double) i / pieces;
                double eased = share * share * (3 - 2 * share);
                double beat = from + (to - from) * share;
                place(beat, point.plus(arm.turned(sixteenths * eased)));
                direction.note(beat, facing + sixteenths * eased);
            }
        }

        FootTrack done() {
            return new FootTrack(x.done(), y.done(), direction.done(), heel.done(), ball.done(), edge.done());
        }
    }
}
