package fluidframe.core.motion;

import fluidframe.core.floor.Point;
import fluidframe.core.step.Foot;
import java.util.List;

/**
 * One dancer over time.
 *
 * @param onLeft the share of weight on the left foot, 0 to 1
 * @param x the middle between the hips, metres
 * @param y the middle between the hips, metres
 * @param height the hips above the floor, metres
 * @param body where the body faces, sixteenths
 * @param twist the hips against the body, sixteenths to the right
 * @param hip how far the hips are to the dancer's right of the feet's line, metres
 * @param tilt the right hip higher than the left, degrees
 * @param shoulders the ribcage against the body, sixteenths to the right
 * @param sway the ribcage inclined to the right, degrees
 * @param head where the nose points, sixteenths
 * @param hands what the hands hold, in order of time; the first from the beginning
 */
public record Track(
        Build build,
        FootTrack left,
        FootTrack right,
        Curve onLeft,
        Curve x,
        Curve y,
        Curve height,
        Curve body,
        Curve twist,
        Curve hip,
        Curve tilt,
        Curve shoulders,
        Curve sway,
        Curve head,
        List<Hands> hands) {
    public Track {
        hands = List.copyOf(hands);
    }

    public FootTrack foot(Foot foot) {
        return foot == Foot.LEFT ? left : right;
    }

    /** The share of weight on a foot, 0 to 1. */
    public double weight(Foot foot, double beat) {
        double left = onLeft.at(beat);
        return foot == Foot.LEFT ? left : 1 - left;
    }

    /** The middle of the hips over the floor, aside hips included. */
    public Point hips(double beat) {
        return new Point(x.at(beat), y.at(beat)).plus(Point.polar(hip.at(beat), body.at(beat) + 4));
    }

    /** A hip joint over the floor. */
    Point hipJoint(Foot foot, double beat) {
        return hips(beat).plus(Point.polar(foot.side() * build.halfHips(), body.at(beat) + twist.at(beat) + 4));
    }

    /** How high a hip joint is. */
    double hipHeight(Foot foot, double beat) {
        return height.at(beat) + foot.side() * build.halfHips() * Math.sin(Math.toRadians(tilt.at(beat)));
    }

    /** A shoulder over the floor. */
    Point shoulder(Foot side, double beat) {
        double facing = body.at(beat) + shoulders.at(beat);
        double lean = build.torso() * Math.sin(Math.toRadians(sway.at(beat)));
        return hips(beat).plus(Point.polar(lean + side.side() * build.halfShoulders(), facing + 4));
    }

    /** What the hands hold at a beat. */
    public Hands hands(double beat) {
        Hands now = hands.get(0);
        for (Hands next : hands) {
            if (next.beat() > beat) break;
            now = next;
        }
        return now;
    }
}
