package fluidframe.core.chart;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.step.Foot;
import fluidframe.core.step.HeadDesign;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes repeat groups out as often as they are danced: feet, sides, alignments and counts go on from copy to copy. */
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

    /** The chart with its first repeat group danced so many times; as {@link #of(Chart, List, boolean)}. */
    public static Chart of(Chart chart, int times) {
        return of(chart, List.of(times), false);
    }

    /**
     * The chart with its repeat groups written out.
     *
     * @param times how often each group is danced, in chart order; those not named once, which is as charted
     * @param otherFoot whether it begins on the other foot and to the other side, which only a first group that alternates
     *     allows
     * @throws IllegalArgumentException for a number outside a group's range, and for a chart without such groups
     */
    public static Chart of(Chart chart, List<Integer> times, boolean otherFoot) {
        List<RepeatGroup> groups = chart.repeats();
        String name = chart.identity().name();
        if (groups.isEmpty()) throw new IllegalArgumentException(name + " has no steps that are repeated");
        if (times.size() > groups.size()) {
            throw new IllegalArgumentException(name + " has " + groups.size() + " stretches that are repeated, but "
                    + times.size() + " were named");
        }
        if (otherFoot && !groups.get(0).mirrored()) {
            throw new IllegalArgumentException(
                    name + " must begin on the foot charted, since it does not alternate sides");
        }
        List<Integer> most = most(chart);
        Chart written = chart;
        // From the last, so that the steps of those before it keep their numbers.
        for (int i = groups.size() - 1; i >= 0; i--) {
            int often = i < times.size() ? times.get(i) : 1;
            RepeatGroup group = groups.get(i);
            if (often < 1 || often > most.get(i)) {
                throw new IllegalArgumentException("Steps " + group.from() + "-" + group.to() + " of " + name
                        + " must be danced 1 to " + most.get(i) + " times, but was " + often);
            }
            boolean other = otherFoot && i == 0;
            if (often > 1 || other) written = new Repetition(written, group, often, other).written();
        }
        return written;
    }

    /** Whether {@link #of(Chart, List, boolean)} has something to write and room for it. */
    static boolean isPossible(Chart chart, List<Integer> times, boolean otherFoot) {
        List<Integer> most = most(chart);
        if (times.size() > most.size()
                || otherFoot && (most.isEmpty() || !chart.repeats().get(0).mirrored())) return false;
        int rows = Math.max(chart.man().size(), chart.lady().size());
        for (int i = 0; i < times.size(); i++) {
            if (times.get(i) > most.get(i)) return false;
            rows += (times.get(i) - 1) * blockSize(chart, chart.repeats().get(i));
        }
        return rows <= Chart.MAX_ROWS;
    }

    /** The most times that each group allows and that a chart has room for by itself; empty without a group. */
    public static List<Integer> most(Chart chart) {
        int longest = Math.max(chart.man().size(), chart.lady().size());
        return chart.repeats().stream()
                .map(group -> {
                    int room = (Chart.MAX_ROWS - longest) / Math.max(1, blockSize(chart, group)) + 1;
                    return Math.min(group.most(), Math.max(1, room));
                })
                .toList();
    }

    private static int blockSize(Chart chart, RepeatGroup group) {
        return Math.max(blockSize(chart, group, Role.MAN), blockSize(chart, group, Role.LADY));
    }

    private static int blockSize(Chart chart, RepeatGroup group, Role role) {
        if (chart.steps(role).isEmpty()) return 0;
        Rhythm leading = chart.rhythm(chart.man().isEmpty() ? Role.LADY : Role.MAN);
        Rhythm rhythm = chart.rhythm(role);
        return rowAt(rhythm, leading.onset(group.to())) - rowAt(rhythm, leading.onset(group.from() - 1));
    }

    /** The numbers of repeats of the first group, within its range, after which this foot of a role is free. */
    public static List<Integer> leavingFree(Chart chart, Role role, Foot free) {
        List<Integer> times = new ArrayList<>();
        if (chart.repeats().isEmpty()) return times;
        RepeatGroup group = chart.repeats().get(0);
        for (int k = group.least(); k <= most(chart).get(0); k++) {
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
        return written.withStart(chart.start().turnedAbout());
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
        HeadDesign looks = step.head().moved(spot -> {
            int off = spot.clockwiseFrom(from);
            return to.plus(other ? -off : off);
        });
        return danced.draft()
                .alignment(laid)
                .head(other ? looks.turnedAbout() : looks)
                .step();
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
