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
            for (Foot foot : Foot.values()) {
                if (!isBehind(wanted, foot, beat)) high = Math.min(high, reach(wanted, foot, beat, 0));
            }
            for (Foot foot : Foot.values()) {
                double up = isBehind(wanted, foot, beat) ? needed(wanted, foot, beat, high) : 0;
                lifted.get(foot).note(beat, up);
                high = Math.min(high, reach(wanted, foot, beat, up));
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

    /** Whether the hips are before the foot, so that its heel can come up. */
    private boolean isBehind(Track track, Foot foot, double beat) {
        FootTrack.Foot placed = track.foot(foot).at(beat);
        Point away = track.hipJoint(foot, beat).minus(placed.ankle(build)).turned(-placed.direction());
        return away.x() > 0;
    }

    /** How high the hips may be for the leg to reach its ankle, with the heel so much higher. */
    private double reach(Track track, Foot foot, double beat, double heelUp) {
        FootTrack.Foot placed = track.foot(foot).at(beat).withHeel(heelUp);
        double across = track.hipJoint(foot, beat).minus(placed.ankle(build)).length();
        double leg = STRAIGHT * build.leg();
        double up = across >= leg ? 0 : Math.sqrt(leg * leg - across * across);
        double tilted = track.hipHeight(foot, beat) - track.height().at(beat);
        return placed.ankleHeight(build) + up - tilted;
    }

    /** By how much the heel of a leg that is too long has to come up for the hips to be as high. */
    private double needed(Track track, Foot foot, double beat, double high) {
        double heel = track.foot(foot).at(beat).heel();
        double up = 0;
        while (reach(track, foot, beat, up) < high && heel + up < HIGHEST_HEEL) up += HEEL_STEP;
        return up;
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
