package fluidframe.core.routine;

import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The way of a couple over the hall, stop by stop: one stop wherever a step of either ends. */
public record FloorPath(List<Stop> stops) {
    /**
     * Where the couple is.
     *
     * @param beat beats from the first beat of the first bar
     * @param block the block danced, from 0; counted through when the routine is danced several times
     * @param man the middle of the man's body, in metres
     * @param lady the middle of the lady's body, in metres
     * @param manBody where his body faces, in sixteenths clockwise from x
     * @param ladyBody where hers does
     * @param feet where the feet stand that have stepped so far, as they were last laid
     */
    public record Stop(
            double beat, int block, Point man, Point lady, double manBody, double ladyBody, List<Footfall> feet) {
        /** Midway between the two. */
        public Point middle() {
            return man.towards(lady, 0.5);
        }

        /** By how many metres the one who is farther out leaves a floor, 0 if both are on it. */
        double outside(Hall hall) {
            return Math.max(hall.outside(man), hall.outside(lady));
        }
    }

    public FloorPath {
        stops = List.copyOf(stops);
    }

    static FloorPath of(RoutineWork work, FloorPlan plan) {
        List<Block> blocks = work.blocks();
        if (blocks.stream().allMatch(Block::isFree)) return new FloorPath(List.of());
        double[] starts =
                blocks.stream().mapToDouble(block -> block.start().toDouble()).toArray();
        double length = work.length().toDouble();
        Block figure = blocks.stream().filter(b -> !b.isFree()).findFirst().orElseThrow();
        Point man = plan.startMan();
        Point lady = plan.startLady();
        double manBody = body(figure, figure.danced().leader());
        double ladyBody = body(figure, figure.danced().follower());
        List<Stop> stops = new ArrayList<>(List.of(new Stop(starts[0], 0, man, lady, manBody, ladyBody, List.of())));
        boolean alone = figure.danced().isSolo();
        List<Footfall> falls = plan.footfalls();
        Map<String, Footfall> feet = new LinkedHashMap<>();
        for (int i = 0; i < falls.size(); i++) {
            Footfall fall = falls.get(i);
            feet.put(fall.role() + " " + fall.foot(), fall);
            if (alone || fall.role() == Role.MAN) {
                man = fall.centre();
                manBody = fall.body();
            }
            if (alone || fall.role() == Role.LADY) {
                lady = fall.centre();
                ladyBody = fall.body();
            }
            boolean lastOfItsBeat = i + 1 == falls.size() || falls.get(i + 1).onset() > fall.onset();
            if (lastOfItsBeat) {
                stops.add(new Stop(
                        fall.end(),
                        blockAt(starts, length, fall.onset()),
                        man,
                        lady,
                        manBody,
                        ladyBody,
                        List.copyOf(feet.values())));
            }
        }
        return new FloorPath(stops);
    }

    private static double body(Block block, Role role) {
        return block.danced().ledger().of(role).start().sixteenths() + block.roomRotation();
    }

    private static int blockAt(double[] starts, double length, double beat) {
        int time = (int) Math.floor((beat - starts[0]) / length);
        double within = beat - time * length;
        int index = 0;
        while (index + 1 < starts.length && starts[index + 1] <= within) index++;
        return time * starts.length + index;
    }

    /** The room that both take, in metres: the least and the greatest x and y of anybody. */
    public record Extent(double left, double right, double top, double bottom) {
        /** Midway between the walls that would just hold it. */
        public Point middle() {
            return new Point((left + right) / 2, (top + bottom) / 2);
        }
    }

    /** The room taken; the path must have a stop. */
    public Extent extent() {
        DoubleSummaryStatistics across = new DoubleSummaryStatistics();
        DoubleSummaryStatistics down = new DoubleSummaryStatistics();
        for (Stop stop : stops) {
            for (Point at : List.of(stop.man(), stop.lady())) {
                across.accept(at.x());
                down.accept(at.y());
            }
        }
        return new Extent(across.getMin(), across.getMax(), down.getMin(), down.getMax());
    }

    /** By how many metres anybody leaves a floor at the most, 0 if nobody does. */
    public double outside(Hall hall) {
        return stops.stream().mapToDouble(stop -> stop.outside(hall)).max().orElse(0);
    }

    /** The stop at which a block begins: the last one before any of its own. */
    public Stop beginning(int block) {
        Stop found = stops.get(0);
        for (Stop stop : stops) {
            if (stop.block() >= block) break;
            found = stop;
        }
        return found;
    }

    /** The last stop of a block, or of what was danced before it if it has no steps. */
    public Stop end(int block) {
        return beginning(block + 1);
    }
}
