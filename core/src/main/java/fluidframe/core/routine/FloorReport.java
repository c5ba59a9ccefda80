package fluidframe.core.routine;

import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a routine does on a real floor.
 *
 * @param path its way
 * @param sides for each block, in order, how it stands on its side of the floor
 * @param notes where it leaves the floor or runs against the line of dance
 */
public record FloorReport(FloorPath path, List<Side> sides, List<Note> notes) {
    /** A centimetre outside is the arithmetic, not the dancers. */
    private static final double SEEN_METRES = 0.01;
    /** A check or a pivot takes a couple back by less than this. */
    private static final double AGAINST_METRES = 0.75;

    /**
     * After a block.
     *
     * @param side which side of the floor, from 0; even ones run along the length
     * @param along metres danced along the line of dance in this block, negative against it
     * @param left metres of the side left after it
     */
    public record Side(int side, double along, double left) {}

    /** Something to look at in a block, from 0, in a plain sentence; {@code leaves} if the floor is left. */
    public record Note(int block, boolean leaves, String words) {}

    public FloorReport {
        sides = List.copyOf(sides);
        notes = List.copyOf(notes);
    }

    public static FloorReport of(RoutineWork work, Hall hall, Stride stride) {
        FloorPath path = FloorPath.of(work, work.floor(hall, stride));
        if (path.stops().isEmpty()) return new FloorReport(path, List.of(), List.of());
        List<Side> sides = new ArrayList<>();
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            Block block = work.blocks().get(i);
            Point from = path.beginning(i).middle();
            Point to = path.end(i).middle();
            double along = along(block.corners(), to.minus(from));
            sides.add(new Side(block.corners() % 4, along, left(hall, block.corners(), to)));
            String where = block.name() + " (bar " + block.bar(work.dance().bar()) + ")";
            double outside = outside(path, i, hall);
            if (outside > SEEN_METRES) {
                notes.add(new Note(
                        i,
                        true,
                        String.format(Locale.ROOT, "%s leaves the floor by %.1f m.", where, Math.max(outside, 0.1))));
            }
            if (work.dance().isMoving() && along < -AGAINST_METRES) {
                notes.add(new Note(
                        i,
                        false,
                        String.format(Locale.ROOT, "%s goes %.1f m against the line of dance.", where, -along)));
            }
        }
        return new FloorReport(path, sides, notes);
    }

    static double outside(FloorPath path, int block, Hall hall) {
        return path.stops().stream()
                .filter(stop -> stop.block() == block)
                .mapToDouble(stop -> stop.outside(hall))
                .max()
                .orElse(0);
    }

    private static double along(int corners, Point way) {
        return switch (corners % 4) {
            case 0 -> way.x();
            case 1 -> -way.y();
            case 2 -> -way.x();
            default -> way.y();
        };
    }

    private static double left(Hall hall, int corners, Point at) {
        return switch (corners % 4) {
            case 0 -> hall.lengthMetres() - at.x();
            case 1 -> at.y();
            case 2 -> at.x();
            default -> hall.widthMetres() - at.y();
        };
    }
}
