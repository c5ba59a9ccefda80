package fluidframe.core.exercise;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import java.util.List;

/**
 * A card for setting a couple up in one hold.
 *
 * @param dances those it is for; empty for any
 * @param hold in words
 * @param positions that it is about; empty where the hold alone says it
 * @param holds that it is about; empty for any hold in its positions
 * @param points from head to feet, then hands and tracks
 * @param side what to look at from the side
 * @param behind what to look at from behind
 */
public record SetUp(
        String name,
        List<Dance> dances,
        String hold,
        List<CouplePosition> positions,
        List<Hold> holds,
        List<Point> points,
        String side,
        String behind,
        List<String> cautions) {
    /** What is said of one part. */
    public record Point(String about, String text) {
        public Point {
            if (about.isBlank() || text.isBlank()) {
                throw new IllegalArgumentException("A point of a card says what it is about and what is wanted");
            }
        }
    }

    public SetUp {
        if (name.isBlank()) throw new IllegalArgumentException("A card must have a name");
        dances = List.copyOf(dances);
        positions = List.copyOf(positions);
        holds = List.copyOf(holds);
        points = List.copyOf(points);
        cautions = List.copyOf(cautions);
    }

    /** Whether it is about standing so; one that names neither position nor hold is about none in particular. */
    boolean isAbout(CouplePosition position, Hold standing) {
        if (positions.isEmpty() && holds.isEmpty()) return false;
        return (positions.isEmpty() || positions.contains(position)) && (holds.isEmpty() || holds.contains(standing));
    }
}
