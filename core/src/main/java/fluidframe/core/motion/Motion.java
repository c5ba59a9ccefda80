package fluidframe.core.motion;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.FloorWalk;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.link.Danceable;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A figure or a routine as it is danced.
 *
 * @param from the beat on which the dancers get ready, from the first beat of the first bar
 * @param begins the beat of the first row
 * @param end the beat on which the last row is over
 * @param tracks who dances; nobody in a routine of free elements only
 */
public record Motion(Dance dance, double from, double begins, double end, Map<Role, Track> tracks) {
    public Motion {
        tracks = Map.copyOf(tracks);
    }

    /** The two dancers' heights. */
    public record Couple(Build man, Build lady) {
        public static final Couple USUAL = new Couple(Build.USUAL_MAN, Build.USUAL_LADY);

        Build of(Role role) {
            return role == Role.MAN ? man : lady;
        }
    }

    /** One figure, a part or variant included, with its line of dance along x. */
    public static Motion of(Danceable danced, Stride stride, Couple couple) {
        double start = danced.chart().startBeat().toDouble();
        FloorPlan plan = FloorWalk.plan(List.of(new FloorWalk.Leg(danced.ledger(), 0, start)), Point.ORIGIN, stride);
        return of(danced.chart().dance(), plan, List.of(new Leg(danced, 0)), couple);
    }

    /** A routine on its floor. What stands in it free or cannot be found, the couple waits for. */
    public static Motion of(RoutineWork work, Hall hall, Stride stride, Couple couple) {
        List<Leg> legs = new ArrayList<>();
        for (Block block : work.blocks()) {
            legs.add(block.isFree() ? null : new Leg(block.danced(), block.roomRotation()));
        }
        return of(work.dance(), work.floor(hall, stride), legs, couple);
    }

    private record Leg(Danceable danced, int rotation) {}

    private static Motion of(Dance dance, FloorPlan plan, List<Leg> legs, Couple couple) {
        Map<Role, Track> tracks = new EnumMap<>(Role.class);
        double begins =
                plan.footfalls().stream().mapToDouble(Footfall::onset).min().orElse(0);
        double end = plan.footfalls().stream().mapToDouble(Footfall::end).max().orElse(0);
        Together together = new Together(plan);
        for (Role role : Role.values()) {
            List<Danced> rows = rows(role, plan, legs);
            if (rows.isEmpty()) continue;
            Point start = role == Role.MAN ? plan.startMan() : plan.startLady();
            tracks.put(role, new DancerMaker(role, rows, start, together, dance, couple.of(role)).track());
        }
        return new Motion(dance, begins - DancerMaker.READY, begins, end, tracks);
    }

    private static List<Danced> rows(Role role, FloorPlan plan, List<Leg> legs) {
        List<Danced> rows = new ArrayList<>();
        Iterator<Footfall> falls = plan.of(role).iterator();
        for (int block = 0; block < legs.size(); block++) {
            Leg leg = legs.get(block);
            if (leg == null) continue;
            for (LedgerRow row : leg.danced().ledger().of(role).rows()) {
                rows.add(new Danced(row, falls.next(), block, leg.rotation()));
            }
        }
        return rows;
    }

    public Optional<Track> of(Role role) {
        return Optional.ofNullable(tracks.get(role));
    }
}
