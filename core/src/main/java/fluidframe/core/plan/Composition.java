package fluidframe.core.plan;

import fluidframe.core.routine.PlacedFigure;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What came of a plan.
 *
 * @param best the best routines, the best first; fewer than wanted if there are no more
 * @param count how many routines meet every condition
 * @param contradiction if there is none: conditions that cannot be met together, none of them needless, and last the length
 * @param bound for routines on a floor, which are not proven to be the best: what none can be worth more than; the count is
 *     then that of those found, and {@code contradiction} says only what was not found
 */
public record Composition(List<Proposal> best, BigInteger count, List<Condition> contradiction, OptionalInt bound) {
    public Composition {
        best = List.copyOf(best);
        contradiction = List.copyOf(contradiction);
    }

    /**
     * One routine.
     *
     * @param figures its figures in order, with turns and corners adjusted so that every join is possible
     * @param score the sum of its parts
     * @param parts what the score is made of
     * @param laid where it lies on the floor, if one was asked for
     */
    public record Proposal(List<PlacedFigure> figures, int score, Parts parts, Optional<Laid> laid) {
        public Proposal {
            figures = List.copyOf(figures);
        }
    }

    /**
     * The parts of a score, each weighted.
     *
     * @param travel tenths of the weight for each decimetre along the line of dance, rounded down in sum
     */
    public record Parts(int customary, int highlight, int variety, int travel, int sides, int change, int build) {
        public int sum() {
            return customary + highlight + variety + travel + sides + change + build;
        }
    }
}
