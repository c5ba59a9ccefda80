package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Link;
import fluidframe.core.link.Linker;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A routine danced again and again until the couple stands as it began.
 *
 * @param times how often it is danced, 1 to 16
 * @param length all of it
 * @param path the whole way; blocks are counted through
 * @param gapMetres how far the end is from the beginning
 * @param outsideMetres the most by which anybody leaves the floor, 0 if nobody does
 */
public record Circuit(int times, Beats length, FloorPath path, double gapMetres, double outsideMetres) {
    /** Sixteenths in a whole turn. */
    private static final int TURN = 16;
    /** Half a step: closer than this nobody sees a difference. */
    public static final double CLOSED_METRES = 0.35;

    /** Empty if the routine cannot be danced again from its end, or its first figure would begin on another alignment. */
    public static Optional<Circuit> of(RoutineWork work, Hall hall, Stride stride) {
        Optional<Link> again = work.again();
        if (again.isEmpty()) return Optional.empty();
        List<Block> blocks = work.blocks();
        Block last = blocks.get(blocks.size() - 1);
        Link link = again.get();
        boolean sameAlignment = link.rotation() == blocks.get(0).rotation();
        if (work.dance().isMoving() && !sameAlignment) return Optional.empty();
        int turned = turnedEachTime(work, last, link);
        int times = TURN
                / BigInteger.valueOf(Math.floorMod(turned, TURN))
                        .gcd(BigInteger.valueOf(TURN))
                        .intValue();
        List<Integer> turns = new ArrayList<>();
        for (int i = 0; i < times; i++) turns.add(i * turned);
        FloorPath path = FloorPath.of(work, work.floor(hall, stride, turns));
        Point begin = path.stops().get(0).middle();
        Point end = path.stops().get(path.stops().size() - 1).middle();
        return Optional.of(new Circuit(
                times, work.length().times(times), path, end.minus(begin).length(), path.outside(hall)));
    }

    /** By how many sixteenths the room has turned for the couple when it begins anew. */
    private static int turnedEachTime(RoutineWork work, Block last, Link link) {
        if (!work.dance().isMoving())
            return link.rotation() - work.blocks().get(0).rotation();
        boolean asItStands = Linker.link(
                                work.arrivalAfter(work.blocks().size() - 1).orElseThrow(),
                                work.blocks().get(0).danced())
                        .verdict()
                == Link.Verdict.YES;
        return -4 * (last.corners() + (asItStands ? 0 : 1));
    }

    public boolean isClosed() {
        return gapMetres < CLOSED_METRES;
    }
}
