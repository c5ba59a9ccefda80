package fluidframe.core.ledger;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import java.util.Map;
import java.util.TreeMap;

/** The couple position and hold in force at every beat, gathered from the rows of both roles; the man's word counts. */
public final class PositionLine {
    private final CouplePosition start;
    private final Hold startHold;
    private final TreeMap<Beats, CouplePosition> changes = new TreeMap<>();
    private final TreeMap<Beats, Hold> holds = new TreeMap<>();

    PositionLine(Chart chart) {
        start = chart.start().position();
        startHold = chart.start().hold();
        for (Role role : new Role[] {Role.LADY, Role.MAN}) {
            Rhythm rhythm = chart.rhythm(role);
            for (int i = 0; i < rhythm.size(); i++) {
                Step step = chart.steps(role).get(i);
                Beats onset = rhythm.onset(i);
                step.position().ifPresent(position -> changes.put(onset, position));
                step.hold().ifPresent(hold -> holds.put(onset, hold));
            }
        }
    }

    /** The position of the row that starts at this beat. */
    public CouplePosition at(Beats onset) {
        Map.Entry<Beats, CouplePosition> entry = changes.floorEntry(onset);
        return entry == null ? start : entry.getValue();
    }

    /** The position before the row that starts at this beat. */
    public CouplePosition before(Beats onset) {
        Map.Entry<Beats, CouplePosition> entry = changes.lowerEntry(onset);
        return entry == null ? start : entry.getValue();
    }

    /** The hold of the row that starts at this beat. */
    public Hold holdAt(Beats onset) {
        Map.Entry<Beats, Hold> entry = holds.floorEntry(onset);
        return entry == null ? startHold : entry.getValue();
    }

    /** The hold before the row that starts at this beat. */
    public Hold holdBefore(Beats onset) {
        Map.Entry<Beats, Hold> entry = holds.lowerEntry(onset);
        return entry == null ? startHold : entry.getValue();
    }

    public CouplePosition last() {
        return changes.isEmpty() ? start : changes.lastEntry().getValue();
    }

    public Hold lastHold() {
        return holds.isEmpty() ? startHold : holds.lastEntry().getValue();
    }
}
