package fluidframe.core.motion;

import fluidframe.core.floor.Point;
import fluidframe.core.step.Foot;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Ends the writing of a track: the hips go no higher than both legs reach, and a heel comes off the floor where a leg behind
 * would be too long.
 */
record TrackDraft(
        Build build,
        Map<Foot, FootTrack.Draft> feet,
        Balance balance,
        Curve.Draft body,
        Upper upper,
        List<Hands> hands) {
    /** Beats between two places where the legs are measured. */
    private static final double GRID = 1 / 32.0;
    /** Metres that nobody sees. */
    private static final double SEEN = 0.001;
    /** A straight leg is not locked. */
    private static final double STRAIGHT = 0.985;

    private static final double HEEL_STEP = 0.01;
    private static final double HIGHEST_HEEL = 0.155;

    Track done() {
        Track wanted = track();
        double from = wanted.x().knots().get(0).beat();
        double to = Math.max(balance.x().latest(), upper.height.latest());
        Curve.Draft height = new Curve.Draft();
        Map<Foot, Curve.Draft> lifted = new EnumMap<>(Foot.class);
        for (Foot foot : Foot.values()) lifted.put(foot, new Curve.Draft().note(from - GRID, 0));
        for (double beat = from; beat <= to + GRID; beat += GRID) {
            double high = wanted.height().at(beat);
            Leg[] legs = {leg(wanted, Foot.LEFT, beat), leg(wanted, Foot.RIGHT, beat)};
            for (Leg leg : legs) if (!leg.isBehind()) high = Math.min(high, leg.reach(0));
            for (Leg leg : legs) {
                double up = leg.isBehind() ? leg.needed(high) : 0;
                lifted.get(leg.foot()).note(beat, up);
                high = Math.min(high, leg.reach(up));
            }
            height.note(beat, high);
        }
        return new Track(
                build,
                raised(wanted.left(), lifted.get(Foot.LEFT).done()),
                raised(wanted.right(), lifted.get(Foot.RIGHT).done()),
                wanted.onLeft(),
                wanted.x(),
                wanted.y(),
                height.done(SEEN),
                wanted.body(),
                wanted.twist(),
                wanted.hip(),
                wanted.tilt(),
                wanted.shoulders(),
                wanted.sway(),
                wanted.head(),
                hands);
    }

    private Leg leg(Track track, Foot foot, double beat) {
        double tilted = track.hipHeight(foot, beat) - track.height().at(beat);
        return new Leg(build, foot, track.hipJoint(foot, beat), track.foot(foot).at(beat), tilted);
    }

    /**
     * A leg at a moment.
     *
     * @param joint the hip joint over the floor
     * @param tilted by how much the joint is higher than the middle of the hips
     */
    private record Leg(Build build, Foot foot, Point joint, FootTrack.Foot placed, double tilted) {
        /** Whether the hips are before the foot, so that its heel can come up. */
        boolean isBehind() {
            return joint.minus(placed.ankle(build)).turned(-placed.direction()).x() > 0;
        }

        /** How high the hips may be for the leg to reach its ankle, with the heel so much higher. */
        double reach(double heelUp) {
            FootTrack.Foot raised = placed.withHeel(heelUp);
            double across = joint.minus(raised.ankle(build)).length();
            double leg = STRAIGHT * build.leg();
            double up = across >= leg ? 0 : Math.sqrt(leg * leg - across * across);
            return raised.ankleHeight(build) + up - tilted;
        }

        /** By how much the heel of a leg that is too long has to come up for the hips to be as high. */
        double needed(double high) {
            double up = 0;
            while (reach(up) < high && placed.heel() + up < HIGHEST_HEEL) up += HEEL_STEP;
            return up;
        }
    }

    /** The heel as written, and higher where the leg needs it. */
    private static Curve raised(Curve heel, Curve up) {
        Curve.Draft raised = new Curve.Draft();
        for (Curve.Knot knot : heel.knots()) raised.note(knot.beat(), knot.value() + up.at(knot.beat()));
        for (Curve.Knot knot : up.knots()) raised.note(knot.beat(), knot.value() + heel.at(knot.beat()));
        return raised.done(SEEN);
    }

    private static FootTrack raised(FootTrack foot, Curve up) {
        return new FootTrack(foot.x(), foot.y(), foot.direction(), raised(foot.heel(), up), foot.ball(), foot.edge());
    }

    private Track track() {
        return new Track(
                build,
                feet.get(Foot.LEFT).done(),
                feet.get(Foot.RIGHT).done(),
                balance.onLeft().done(),
                balance.x().done(),
                balance.y().done(),
                upper.height.done(SEEN),
                body.done(),
                upper.twist.done(),
                upper.hip.done(),
                upper.tilt.done(),
                upper.shoulders.done(),
                upper.sway.done(),
                upper.head.done(),
                hands);
    }
}
