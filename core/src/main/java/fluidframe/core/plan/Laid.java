package fluidframe.core.plan;

import fluidframe.core.floor.Point;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.FloorPath;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A routine laid on a floor, worked out step by step.
 *
 * @param start where the leading dancer's body begins, in metres
 * @param times how often it is danced until the couple stands as it began; 1 for one that need not close
 * @param gapMetres how far that is from where it began; 0 for one that need not close
 * @param outsideMetres the most by which anybody leaves the floor
 * @param shares how much of each long side is danced along, 0 to 1; none for one that need not close
 */
public record Laid(Point start, int times, double gapMetres, double outsideMetres, List<Double> shares) {
    /** A centimetre outside is the arithmetic, not the dancers. */
    private static final double SEEN_METRES = 0.01;

    private static final int SIDES = 4;

    public Laid {
        shares = List.copyOf(shares);
    }

    /**
     * Lays a routine so that it is in the middle of the floor.
     *
     * @param round whether it is to be danced until it closes
     * @return empty if it is to close and cannot
     */
    static Optional<Laid> of(RoutineWork work, Ground ground, boolean round) {
        Point middle = new Point(ground.lengthMetres() / 2, ground.widthMetres() / 2);
        Hall first = new Hall(ground.lengthMetres(), ground.widthMetres(), middle);
        if (!round) {
            FloorPath path = FloorReport.of(work, first, ground.stride()).path();
            Hall hall = moved(first, middle.minus(path.extent().middle()));
            double outside = FloorReport.of(work, hall, ground.stride()).path().outside(hall);
            return Optional.of(new Laid(hall.start(), 1, 0, outside, List.of()));
        }
        Optional<Circuit> begun = Circuit.of(work, first, ground.stride());
        if (begun.isEmpty()) return Optional.empty();
        Hall hall = moved(first, middle.minus(begun.get().path().extent().middle()));
        Circuit circuit = Circuit.of(work, hall, ground.stride()).orElseThrow();
        return Optional.of(new Laid(
                hall.start(),
                circuit.times(),
                circuit.gapMetres(),
                circuit.outsideMetres(),
                shares(work, circuit, hall)));
    }

    private static Hall moved(Hall hall, Point by) {
        return new Hall(hall.lengthMetres(), hall.widthMetres(), hall.start().plus(by));
    }

    /** From the first to the last metre danced along each long side, by all rounds together. */
    private static List<Double> shares(RoutineWork work, Circuit circuit, Hall hall) {
        double[] least = new double[SIDES];
        double[] most = new double[SIDES];
        Arrays.fill(least, Double.MAX_VALUE);
        Arrays.fill(most, -Double.MAX_VALUE);
        int blocks = work.blocks().size();
        // A round takes two corners or four; a square of four rounds is not composed.
        int each = SIDES / circuit.times();
        for (FloorPath.Stop stop : circuit.path().stops()) {
            int block = Math.min(stop.block(), blocks * circuit.times() - 1);
            int side = (work.blocks().get(block % blocks).corners() + block / blocks * each) % SIDES;
            double along = side % 2 == 0 ? stop.middle().x() : stop.middle().y();
            least[side] = Math.min(least[side], along);
            most[side] = Math.max(most[side], along);
        }
        List<Double> shares = new ArrayList<>();
        double longer = Math.max(hall.lengthMetres(), hall.widthMetres());
        for (int side = 0; side < SIDES; side++) {
            double length = side % 2 == 0 ? hall.lengthMetres() : hall.widthMetres();
            if (length == longer) shares.add(Math.max(0, most[side] - least[side]) / longer);
        }
        return shares;
    }

    /** Whether nobody leaves the floor. */
    public boolean stays() {
        return outsideMetres <= SEEN_METRES;
    }

    /** Whether it closes, stays on the floor, and uses enough of every long side. */
    boolean keepsTo(Ground ground) {
        return stays()
                && gapMetres < Circuit.CLOSED_METRES
                && shares.stream().allMatch(share -> share >= ground.share());
    }
}
