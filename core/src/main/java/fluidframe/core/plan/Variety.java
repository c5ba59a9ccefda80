package fluidframe.core.plan;

import java.util.Map;

/**
 * Routines in which no figure is danced too often. To count every figure on the way would be too much; so the figures that
 * the best dance too often are limited, one after another ({@link Refinement}).
 *
 * @param composition the best, or why there are none; its number counts what keeps to the plan, so that with {@code limits} it
 *     is only an upper bound
 * @param limits the figures that had to be limited, by id
 * @param kept whether nothing in the best is danced more often than asked; false if nothing kept it from that
 * @param proven whether the first is the best of all
 */
public record Variety(Composition composition, Map<String, Integer> limits, boolean kept, boolean proven) {
    public Variety {
        limits = Map.copyOf(limits);
    }
}
