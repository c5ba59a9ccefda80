package fluidframe.core.exercise;

import fluidframe.core.count.Dance;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A small exercise.
 *
 * @param dances those it is for; empty for any
 * @param who danced by one alone or by the couple
 * @param purpose what it is for
 * @param count as it is said aloud
 * @param tempo in beats a minute
 * @param repeats at least 1
 * @param minutes it usually takes, at least 1
 * @param steps what is done, in order
 * @param cautions at least one
 * @param against what is seen where it helps, in a few words each: heel early
 * @param loop the figure that it repeats; blank where it is no figure
 */
public record Drill(
        String name,
        List<Dance> dances,
        Who who,
        String purpose,
        String count,
        OptionalDouble tempo,
        int repeats,
        int minutes,
        List<String> steps,
        List<String> cautions,
        List<String> against,
        String loop) {
    /** Who is needed for it. */
    public enum Who {
        ALONE,
        COUPLE
    }

    public Drill {
        if (name.isBlank()) throw new IllegalArgumentException("A drill must have a name");
        if (repeats < 1 || minutes < 1) {
            throw new IllegalArgumentException("A drill is done once at least and takes a minute at least");
        }
        dances = List.copyOf(dances);
        steps = List.copyOf(steps);
        cautions = List.copyOf(cautions);
        against = List.copyOf(against);
    }
}
