package fluidframe.core.motion;

import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import java.util.Map;
import java.util.TreeMap;

/**
 * Where the bodies of both are at the ends of their rows. Two who hold each other close go round the middle between them
 * when they turn; straight ways from row to row would lead through each other.
 */
final class Together {
    private final TreeMap<Double, Point> man = new TreeMap<>();
    private final TreeMap<Double, Point> lady = new TreeMap<>();

    Together(FloorPlan plan) {
        man.put(Double.NEGATIVE_INFINITY, plan.startMan());
        lady.put(Double.NEGATIVE_INFINITY, plan.startLady());
        for (Footfall fall : plan.footfalls()) of(fall.role()).put(fall.end(), fall.centre());
    }

    private TreeMap<Double, Point> of(Role role) {
        return role == Role.MAN ? man : lady;
    }

    /** Whether both dance at all. */
    boolean isCouple() {
        return man.size() > 1 && lady.size() > 1;
    }

    private Point at(Role role, double beat) {
        TreeMap<Double, Point> ends = of(role);
        Map.Entry<Double, Point> before = ends.floorEntry(beat + 1e-9);
        Map.Entry<Double, Point> after = ends.higherEntry(beat + 1e-9);
        if (after == null || before.getKey().isInfinite() || before.getKey() > beat - 1e-9) return before.getValue();
        double share = (beat - before.getKey()) / (after.getKey() - before.getKey());
        return before.getValue().towards(after.getValue(), share);
    }

    /**
     * A dancer's place so far on the way from one place to another, round the middle of the couple.
     *
     * @param share 0 for the beginning of the row, 1 for its end
     * @param turn which way to go round where both would be as far; negative for the left
     */
    Point on(Role role, Point from, Point to, double onset, double end, double share, double turn) {
        Role partner = role.partner();
        Point middleBefore = from.towards(at(partner, onset), 0.5);
        Point middleAfter = to.towards(at(partner, end), 0.5);
        Point before = from.minus(middleBefore);
        Point after = to.minus(middleAfter);
        double length = before.length() + (after.length() - before.length()) * share;
        double angle = direction(before);
        double way = DancerMaker.wrapped(direction(after) - angle);
        if (Math.abs(way) > 6 && turn != 0 && Math.signum(way) != Math.signum(turn)) way += 16 * Math.signum(turn);
        return middleBefore.towards(middleAfter, share).plus(Point.polar(length, angle + way * share));
    }

    private static double direction(Point way) {
        return Math.atan2(way.y(), way.x()) * 8 / Math.PI;
    }
}
