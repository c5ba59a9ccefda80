package fluidframe.core.floor;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import java.util.List;
import java.util.Optional;

/**
 * Where everybody's feet go.
 *
 * @param footfalls both roles in order of time, the man before the lady
 * @param startMan the middle of the man's body before the first row
 * @param startLady the middle of the lady's body before the first row
 * @param gaps how far apart the two are from where their position puts them, at each shared moment
 * @param circling about which centre the couple goes round, if it does
 */
public record FloorPlan(
        List<Footfall> footfalls, Point startMan, Point startLady, List<Gap> gaps, Optional<Circling> circling) {
    /**
     * A moment's distances.
     *
     * @param use which of the charts walked, from 0
     * @param manStep the man's row, from 1
     * @param ladyStep the lady's row, from 1
     * @param metres the distance between the two centres
     * @param usualMetres the distance that the couple position asks for
     * @param hold the hold in force
     * @param strainMetres how far the two steps had to be bent from their charted way and length for the couple to keep
     *     its position, and what is missing even so
     */
    public record Gap(
            int use, int manStep, int ladyStep, double metres, double usualMetres, Hold hold, double strainMetres) {}

    public FloorPlan {
        footfalls = List.copyOf(footfalls);
        gaps = List.copyOf(gaps);
    }

    /** A plan with the common centre that can be seen in its paths, if there is one. */
    static FloorPlan of(List<Footfall> footfalls, Point startMan, Point startLady, List<Gap> gaps) {
        return new FloorPlan(footfalls, startMan, startLady, gaps, Circling.of(footfalls, startMan, startLady));
    }

    /**
     * Where the path of one dancer's body crosses the other's. Worked out when asked for, since it takes every piece of one
     * path against every piece of the other: right for a figure, too much for a routine danced again and again.
     */
    public List<Point> crossings() {
        return Tracks.crossings(Tracks.of(footfalls, Role.MAN, startMan), Tracks.of(footfalls, Role.LADY, startLady));
    }

    /** Nobody on the floor yet. */
    public static FloorPlan empty(Point start) {
        return of(List.of(), start, start, List.of());
    }

    public List<Footfall> of(Role role) {
        return footfalls.stream().filter(f -> f.role() == role).toList();
    }

    /** The point midway between the two dancers' last centres. */
    public Point finish() {
        Point man = last(Role.MAN, startMan);
        Point lady = last(Role.LADY, startLady);
        return man.towards(lady, 0.5);
    }

    private Point last(Role role, Point start) {
        List<Footfall> falls = of(role);
        return falls.isEmpty() ? start : falls.get(falls.size() - 1).centre();
    }
}
