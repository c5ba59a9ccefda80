package fluidframe.core.plan;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.link.Danceable;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * A short chain of figures after which both stand on the same foot, in the same position and hold and on the same beat, so
 * that it can be danced again at once, wherever in the room it has turned to.
 *
 * @param figures its figures in order
 * @param rotations by how many sixteenths each is turned from its chart in the first round, the first as charted
 * @param turned by how many sixteenths one round turns the couple, -7 to 8, positive to the right
 * @param customary how many of its joins, the one back to its beginning included, are named by a chart
 */
public record Drill(List<Danceable> figures, List<Integer> rotations, int turned, int customary) {
    public Drill {
        figures = List.copyOf(figures);
        rotations = List.copyOf(rotations);
    }

    /** How many rounds bring the couple back to the direction in which it began, 1 to 16. */
    public int rounds() {
        return Direction.SIXTEENTHS
                / BigInteger.valueOf(Math.floorMod(turned, Direction.SIXTEENTHS))
                        .gcd(BigInteger.valueOf(Direction.SIXTEENTHS))
                        .intValue();
    }

    /** How long one round is. */
    public double bars() {
        double beats = 0;
        for (Danceable danced : figures) beats += danced.length().toDouble();
        return beats / figures.get(0).chart().dance().beatsPerBar();
    }

    /** How many of its figures are danced as a variant. */
    int variants() {
        return (int) figures.stream()
                .filter(danced -> danced.use().variant().isPresent())
                .count();
    }

    /** Whether every join is named by a chart. */
    public boolean isCustomary() {
        return customary == figures.size();
    }

    /** Whether every figure is danced on an alignment of its chart, round after round, so that it can stand in a routine. */
    public boolean keepsAlignments() {
        for (int i = 0; i < figures.size(); i++) {
            for (int round = 0; round < rounds(); round++) {
                int rotation = Math.floorMod(rotations.get(i) + round * turned, Direction.SIXTEENTHS);
                if (!figures.get(i).entryRotations().contains(rotation)) return false;
            }
        }
        return true;
    }

    /** The way of the middle between the two over all its rounds, in metres from where it begins, at the dance's usual stride. */
    public List<Point> path() {
        List<Point> path = new ArrayList<>(List.of(Point.ORIGIN));
        for (int round = 0; round < rounds(); round++) {
            for (int i = 0; i < figures.size(); i++) {
                follow(figures.get(i), rotations.get(i) + round * turned, path);
            }
        }
        return path;
    }

    private static void follow(Danceable danced, int rotation, List<Point> path) {
        FloorPlan floor = danced.sheet().floor();
        Point from = path.get(path.size() - 1);
        Point begin = middle(danced, floor.startMan(), floor.startLady());
        Point man = floor.startMan();
        Point lady = floor.startLady();
        List<Footfall> falls = floor.footfalls();
        for (int i = 0; i < falls.size(); i++) {
            if (falls.get(i).role() == Role.MAN) man = falls.get(i).centre();
            else lady = falls.get(i).centre();
            boolean lastOfItsBeat = i + 1 == falls.size()
                    || falls.get(i + 1).onset() > falls.get(i).onset();
            if (lastOfItsBeat) {
                path.add(from.plus(middle(danced, man, lady).minus(begin).turned(rotation)));
            }
        }
    }

    private static Point middle(Danceable danced, Point man, Point lady) {
        if (!danced.isSolo()) return man.towards(lady, 0.5);
        return danced.leader() == Role.MAN ? man : lady;
    }
}
