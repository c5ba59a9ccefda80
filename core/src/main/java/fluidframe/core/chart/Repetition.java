package fluidframe.core.chart;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes a repeat group out as often as it is danced: feet, sides, alignments and counts go on from copy to copy. */
public final class Repetition {
    private final Chart chart;
    private final RepeatGroup group;
    private final int times;
    private final boolean otherFoot;

    private Repetition(Chart chart, RepeatGroup group, int times, boolean otherFoot) {
        this.chart = chart;
        this.group = group;
        this.times = times;
        this.otherFoot = otherFoot;
    }

    /**
     * The chart with its repeat group danced so many times; once is as charted. Refuses a number outside the group's
     * range, and a chart without a group.
     */
    public static Chart of(Chart chart, int times) {
        return of(chart, times, false);
    }

    /**
     * The same, begun on the other foot and to the other side, which only a group that alternates allows.
     */
    public static Chart of(Chart chart, int times, boolean otherFoot) {
        if (chart.repeats().isEmpty()) {
            throw new IllegalArgumentException(chart.identity().name() + " has no steps that are repeated");
        }
        RepeatGroup group = chart.repeats().get(0);
        if (times < 1 || times > most(chart)) {
            throw new IllegalArgumentException("Steps " + group.from() + "-" + group.to() + " of "
                    + chart.identity().name() + " must be danced 1 to " + most(chart) + " times, but was " + times);
        }
        if (otherFoot && !group.mirrored()) {
            throw new IllegalArgumentException(
                    chart.identity().name() + " must begin on the foot charted, since it does not alternate sides");
        }
        return times == 1 && !otherFoot ? chart : new Repetition(chart, group, times, otherFoot).written();
    }

    /** The most times that the group allows and that a chart has room for; 0 without a group. */
    public static int most(Chart chart) {
        if (chart.repeats().isEmpty()) return 0;
        RepeatGroup group = chart.repeats().get(0);
        int longest = Math.max(chart.man().size(), chart.lady().size());
        int block = 1;
        for (Role role : Role.values()) block = Math.max(block, blockSize(chart, group, role));
        int room = (Chart.MAX_ROWS - longest) / block + 1;
        return Math.min(group.most(), Math.max(1, room));
    }

    private static int blockSize(Chart chart, RepeatGroup group, Role role) {
        if (chart.steps(role).isEmpty()) return 0;
        Rhythm leading = chart.rhythm(chart.man().isEmpty() ? Role.LADY : Role.MAN);
        Rhythm rhythm = chart.rhythm(role);
        return rowAt(rhythm, leading.onset(group.to())) - rowAt(rhythm, leading.onset(group.from() - 1));
    }

    /** The numbers of repeats, within the group's range, after which this foot of a role is free. */
    public static List<Integer> leavingFree(Chart chart, Role role, Foot free) {
        List<Integer> times = new ArrayList<>();
        if (chart.repeats().isEmpty()) return times;
        RepeatGroup group = chart.repeats().get(0);
        for (int k = group.least(); k <= most(chart); k++) {
            if (freeFoot(of(chart, k), role).equals(Optional.of(free))) times.add(k);
        }
        return times;
    }

    /** The foot without weight when the chart ends; empty for a role that never takes full weight. */
    public static Optional<Foot> freeFoot(Chart chart, Role role) {
        List<Step> steps = chart.steps(role);
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).weightTaken() == Weight.FULL)
                return Optional.of(steps.get(i).foot().other());
        }
        return Optional.empty();
    }

    private Chart written() {
        Chart written = chart.bare(rows(Role.MAN), rows(Role.LADY));
        if (!otherFoot) return written;
        Start start = chart.start();
        return written.withStart(new Start(
                start.position().mirrored(),
                start.hold().mirrored(),
                start.entries(),
                start.outsideAllowed(),
                start.fromCheck()));
    }

    private List<Step> rows(Role role) {
        List<Step> steps = chart.steps(role);
        if (steps.isEmpty()) return steps;
        Rhythm rhythm = chart.rhythm(role);
        Role lead = chart.man().isEmpty() ? Role.LADY : Role.MAN;
        Rhythm leading = chart.rhythm(lead);
        int from = rowAt(rhythm, leading.onset(group.from() - 1));
        int to = rowAt(rhythm, leading.onset(group.to()));
        List<Direction> directions = Directions.after(steps);
        Direction start = from == 0 ? Directions.before(steps) : directions.get(from - 1);
        Direction end = to == 0 ? start : directions.get(to - 1);
        List<Step> written = new ArrayList<>();
        List<Beats> lengths = new ArrayList<>();
        Direction began = Directions.before(steps);
        for (int i = 0; i < from; i++) {
            written.add(otherFoot ? moved(steps.get(i), began, began, true) : steps.get(i));
            lengths.add(rhythm.beats(i));
        }
        Direction at = otherFoot ? began.plus(-start.turnFrom(began)) : start;
        for (int copy = 0; copy < times; copy++) {
            boolean other = otherFoot ^ (group.mirrored() && copy % 2 == 1);
            for (int i = from; i < to; i++) {
                written.add(moved(steps.get(i), start, at, other));
                lengths.add(rhythm.beats(i));
            }
            at = at.plus((other ? -1 : 1) * end.turnFrom(start));
        }
        boolean other = otherFoot ^ (group.mirrored() && times % 2 == 0);
        for (int i = to; i < steps.size(); i++) {
            written.add(moved(steps.get(i), end, at, other));
            lengths.add(rhythm.beats(i));
        }
        return counted(written, rhythm, lengths);
    }

    private static int rowAt(Rhythm rhythm, Beats onset) {
        int row = 0;
        while (row < rhythm.size() && rhythm.onset(row).compareTo(onset) < 0) row++;
        return row;
    }

    /** A row danced from another direction, and to the other side if asked. */
    private static Step moved(Step step, Direction from, Direction to, boolean other) {
        Step danced = other ? step.mirrored() : step;
        Optional<Alignment> laid = step.alignment().map(a -> {
            int off = a.footDirection().clockwiseFrom(from);
            Optional<Direction> moving = a.moving().map(m -> {
                int way = m.clockwiseFrom(from);
                return to.plus(other ? -way : way);
            });
            return new Alignment(a.kind(), a.direction(), moving).withFootDirection(to.plus(other ? -off : off));
        });
        return danced.withTurnAndAlignment(danced.turn(), laid);
    }

    /** Counts run on over the copies; where beat numbers cannot say it the words of the chart are kept. */
    private List<Step> counted(List<Step> rows, Rhythm rhythm, List<Beats> lengths) {
        boolean numbered = rhythm.counts().stream().anyMatch(c -> c.kind() == Count.Kind.BEAT);
        if (!numbered) return rows;
        Optional<Rhythm> counted = Rhythm.inBeats(chart.dance(), chart.startBeat(), lengths);
        if (counted.isEmpty()) return rows;
        List<Step> said = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            said.add(rows.get(i).draft().count(counted.get().count(i)).step());
        }
        return said;
    }
}
