package fluidframe.core.chart;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Alignment;
import java.util.List;

/**
 * How a figure may begin.
 *
 * @param position the couple position before the first step
 * @param hold the hold before the first step
 * @param entries the man's alignments on which it may begin besides the charted one
 * @param outsideAllowed whether the first step may be taken outside the partner
 * @param fromCheck whether the step before it is checked, so that it may go back the way it came
 */
public record Start(
        CouplePosition position, Hold hold, List<Alignment> entries, boolean outsideAllowed, boolean fromCheck) {
    public Start {
        entries = List.copyOf(entries);
    }
}
