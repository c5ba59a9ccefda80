package fluidframe.core.floor;

import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A couple that goes round a common centre, as in a natural top: both bodies and the line between them turn at least half
 * to the same side, with the middle staying on the spot.
 *
 * @param centre the common centre
 * @param manMetres how far the man is from it on average
 * @param ladyMetres how far the lady is from it on average
 * @param sixteenths how far the couple goes round, right positive
 */
public record Circling(Point centre, double manMetres, double ladyMetres, int sixteenths) {
    /** Half a turn: less is a curve, not a way round a centre. */
    private static final int LEAST_SIXTEENTHS = 8;
    /** How far the middle may wander while it is still one spot to dance about. */
    private static final double MOST_DRIFT_METRES = 0.6;
    /** Differences below this are not seen on a floor. */
    private static final double SAME_METRES = 0.06;

    static Optional<Circling> of(List<Footfall> footfalls, Point startMan, Point startLady) {
        List<Point> men = new ArrayList<>(List.of(startMan));
        List<Point> ladies = new ArrayList<>(List.of(startLady));
        Point man = startMan;
        Point lady = startLady;
        for (Footfall fall : footfalls) {
            if (fall.role() == Role.MAN) man = fall.centre();
            else lady = fall.centre();
            men.add(man);
            ladies.add(lady);
        }
        Point sum = Point.ORIGIN;
        double round = 0;
        for (int i = 0; i < men.size(); i++) {
            sum = sum.plus(men.get(i).towards(ladies.get(i), 0.5));
            if (i > 0) round += turned(axis(men.get(i - 1), ladies.get(i - 1)), axis(men.get(i), ladies.get(i)));
        }
        Point centre = sum.times(1.0 / men.size());
        double drift = 0;
        double manFar = 0;
        double ladyFar = 0;
        for (int i = 0; i < men.size(); i++) {
            Point middle = men.get(i).towards(ladies.get(i), 0.5);
            drift = Math.max(drift, middle.minus(centre).length());
            manFar += men.get(i).minus(centre).length() / men.size();
            ladyFar += ladies.get(i).minus(centre).length() / men.size();
        }
        int sixteenths = (int) Math.round(round);
        for (Role role : Role.values()) {
            double body = bodyTurn(footfalls, role);
            if (Math.abs(body) < LEAST_SIXTEENTHS || Math.signum(body) != Math.signum(round)) return Optional.empty();
        }
        if (Math.abs(sixteenths) < LEAST_SIXTEENTHS || drift > MOST_DRIFT_METRES) return Optional.empty();
        return Optional.of(new Circling(centre, manFar, ladyFar, sixteenths));
    }

    /** How far a dancer's body turns from the first row to the last, row by row the shorter way. */
    private static double bodyTurn(List<Footfall> footfalls, Role role) {
        double sum = 0;
        Footfall before = null;
        for (Footfall fall : footfalls) {
            if (fall.role() != role) continue;
            if (before != null) sum += turned(before.body(), fall.body());
            before = fall;
        }
        return sum;
    }

    private static double axis(Point man, Point lady) {
        Point way = lady.minus(man);
        return Math.atan2(way.y(), way.x()) * 8 / Math.PI;
    }

    private static double turned(double before, double after) {
        return ((after - before + 8) % 16 + 16) % 16 - 8;
    }

    /** Who dances on the inside; empty where both keep the same distance from the centre. */
    public Optional<Role> inside() {
        if (Math.abs(manMetres - ladyMetres) < SAME_METRES) return Optional.empty();
        return Optional.of(manMetres < ladyMetres ? Role.MAN : Role.LADY);
    }
}
