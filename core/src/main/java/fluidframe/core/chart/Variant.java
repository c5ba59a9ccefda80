package fluidframe.core.chart;

import fluidframe.core.direction.Alignment;
import java.util.List;

/**
 * A customary other way of dancing a figure: some of the man's first steps kept, the rest charted anew.
 *
 * @param id unique within the figure, such as {@code underturned}
 * @param name in a coach's words
 * @param keep how many of the man's steps are kept from the beginning, 0 for none; the lady's go by their beat
 * @param man the man's rows after them
 * @param lady the lady's rows after them
 * @param entries alignments to begin on, where nothing is kept
 * @param repeats stretches of its steps, counted with those kept, that are danced several times over
 * @param finish how it may end
 */
public record Variant(
        String id,
        String name,
        int keep,
        List<Step> man,
        List<Step> lady,
        List<Alignment> entries,
        List<RepeatGroup> repeats,
        Finish finish) {
    public Variant {
        if (keep < 0) throw new IllegalArgumentException("A variant must keep 0 or more steps, but was " + keep);
        man = List.copyOf(man);
        lady = List.copyOf(lady);
        entries = List.copyOf(entries);
        repeats = List.copyOf(repeats);
    }
}
