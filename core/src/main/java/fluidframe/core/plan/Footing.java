package fluidframe.core.plan;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.FloorWalk;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Danceable;
import java.util.List;
import java.util.Optional;

/**
 * Where a place of the graph takes a couple, in decimetres from where the leading dancer's body stands as it begins: along the
 * line of dance and across it, to the right of who looks along it.
 *
 * @param along from beginning to end
 * @param across from beginning to end
 * @param back how far behind the beginning anybody gets
 * @param ahead how far before it
 * @param left how far to the left of it, towards the middle of the floor
 * @param right how far to the right, towards the wall
 */
record Footing(int along, int across, int back, int ahead, int left, int right) {
    private static final int DECIMETRES = 10;

    /** As a routine begins with it. */
    static Footing of(DanceGraph.Place place, Stride stride) {
        return of(FloorWalk.plan(List.of(leg(place.danced(), place.rotation())), Point.ORIGIN, stride), 0, place);
    }

    /** Danced out of another place, after a corner or not: how one steps into a figure depends on what was before. */
    static Footing of(Danceable before, int rotation, boolean corner, DanceGraph.Place place, Stride stride) {
        int turned = rotation + (corner ? Direction.CORNER_SIXTEENTHS : 0);
        List<FloorWalk.Leg> legs = List.of(leg(before, turned), leg(place.danced(), place.rotation()));
        return of(FloorWalk.plan(legs, Point.ORIGIN, stride), before.length().toDouble(), place);
    }

    private static FloorWalk.Leg leg(Danceable danced, int rotation) {
        return new FloorWalk.Leg(danced.ledger(), rotation);
    }

    /** Of a walk, from a beat on. */
    private static Footing of(FloorPlan floor, double from, DanceGraph.Place place) {
        boolean alone = place.danced().isSolo();
        Role leader = place.danced().leader();
        Point begin = at(floor, leader, from, alone);
        Point end = begin;
        Point partner = at(floor, leader.partner(), from, alone).minus(begin);
        double[] box = new double[4];
        if (!alone) widen(box, partner);
        for (Footfall fall : floor.footfalls()) {
            if (fall.onset() < from) continue;
            widen(box, fall.centre().minus(begin));
            if (fall.role() == leader) end = fall.centre();
        }
        Point way = end.minus(begin).times(DECIMETRES);
        return new Footing(
                (int) Math.round(way.x()),
                (int) Math.round(way.y()),
                (int) Math.ceil(-box[0] * DECIMETRES),
                (int) Math.ceil(box[1] * DECIMETRES),
                (int) Math.ceil(-box[2] * DECIMETRES),
                (int) Math.ceil(box[3] * DECIMETRES));
    }

    /** Where a body is as a beat begins. */
    private static Point at(FloorPlan floor, Role role, double beat, boolean alone) {
        Optional<Footfall> last = floor.footfalls().stream()
                .filter(fall -> fall.role() == role && fall.onset() < beat)
                .reduce((earlier, later) -> later);
        return last.map(Footfall::centre).orElse(alone || role == Role.MAN ? floor.startMan() : floor.startLady());
    }

    private static void widen(double[] box, Point at) {
        box[0] = Math.min(box[0], at.x());
        box[1] = Math.max(box[1], at.x());
        box[2] = Math.min(box[2], at.y());
        box[3] = Math.max(box[3], at.y());
    }

    /** The way straight from beginning to end, in decimetres. */
    double length() {
        return Math.hypot(along, across);
    }
}
