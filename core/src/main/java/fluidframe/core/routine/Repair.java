package fluidframe.core.routine;

import fluidframe.core.link.Danceable;
import java.util.List;

/**
 * One way to mend a broken join.
 *
 * @param kind what is done
 * @param figures what is put in: the figures between, or the one danced instead
 * @param beats by how many beats the routine grows; negative if it gets shorter
 */
public record Repair(Kind kind, List<Danceable> figures, double beats) {
    /** What a repair does to the routine. */
    public enum Kind {
        /** Puts figures between. */
        BETWEEN,
        /** Dances the figure before the join otherwise. */
        BEFORE,
        /** Dances the figure after the join otherwise. */
        AFTER
    }

    public Repair {
        figures = List.copyOf(figures);
    }
}
