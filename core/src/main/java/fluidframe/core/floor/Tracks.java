package fluidframe.core.floor;

import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.List;

/** The paths of the two bodies, and where one crosses the other. */
final class Tracks {
    private Tracks() {}

    static List<Point> of(List<Footfall> footfalls, Role role, Point start) {
        List<Point> path = new ArrayList<>(List.of(start));
        footfalls.stream().filter(f -> f.role() == role).forEach(f -> path.add(f.centre()));
        return path;
    }

    /** Where two paths cross each other, in the order of the first. */
    static List<Point> crossings(List<Point> one, List<Point> other) {
        List<Point> found = new ArrayList<>();
        for (int i = 0; i + 1 < one.size(); i++) {
            for (int j = 0; j + 1 < other.size(); j++) {
                Point crossing = crossing(one.get(i), one.get(i + 1), other.get(j), other.get(j + 1));
                if (crossing != null) found.add(crossing);
            }
        }
        return found;
    }

    private static Point crossing(Point a, Point b, Point c, Point d) {
        Point first = b.minus(a);
        Point second = d.minus(c);
        double area = first.x() * second.y() - first.y() * second.x();
        if (Math.abs(area) < 1e-9) return null;
        Point between = c.minus(a);
        double along = (between.x() * second.y() - between.y() * second.x()) / area;
        double beside = (between.x() * first.y() - between.y() * first.x()) / area;
        boolean both = along >= 0 && along < 1 && beside >= 0 && beside < 1;
        return both ? a.towards(b, along) : null;
    }
}
