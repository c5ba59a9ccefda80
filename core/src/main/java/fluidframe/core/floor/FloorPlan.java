package fluidframe.core.floor;

import fluidframe.core.couple.Role;
import java.util.List;

/**
 * Where everybody's feet go.
 *
 * @param footfalls both roles in order of time, the man before the lady
 * @param startMan the middle of the man's body before the first row
 * @param startLady the middle of the lady's body before the first row
 * @param gaps how far apart the two are from where their position puts them, at each shared moment
 */
public record FloorPlan(List<Footfall> footfalls, Point startMan, Point startLady, List<Gap> gaps) {
    /**
     * A moment's distances.
     *
     * @param use which of the charts walked, from 0
     * @param manStep the man's row, from 1
     * @param ladyStep the lady's row, from 1
     * @param metres the distance between the two centres
     * @param usualMetres the distance that the couple position asks for
     * @param strainMetres how far the two steps had to be bent from their charted way and length for the couple to keep
     *     its position, and what is missing even so
     */
    public record Gap(int use, int manStep, int ladyStep, double metres, double usualMetres, double strainMetres) {}

    public FloorPlan {
        footfalls = List.copyOf(footfalls);
        gaps = List.copyOf(gaps);
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
