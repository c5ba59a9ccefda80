package fluidframe.core.proposal;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.count.Dance;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Other ways of timing the same steps: both roles are moved along the count together and the length of the figure stays
 * as it is. A change that would break the bar is refused with the amount.
 */
public final class Retiming {
    /**
     * What came of a retiming.
     *
     * @param chart the chart with its new counts; empty if it was refused
     * @param words what was done, or why it cannot be
     */
    public record Outcome(Optional<Chart> chart, String words) {
        static Outcome refused(String reason) {
            return new Outcome(Optional.empty(), reason);
        }
    }

    /** As many beats as one counted word can hold. */
    private static final int MOST_BEATS = 8;

    private final Chart chart;
    private final Role role;
    private final Rhythm rhythm;

    private Retiming(Chart chart, Role role) {
        this.chart = chart;
        this.role = role;
        this.rhythm = chart.rhythm(role);
    }

    /** Retimes by the rows of one role; the other follows by its beats. */
    public static Retiming of(Chart chart, Role role) {
        return new Retiming(chart, role);
    }

    /**
     * Holds a step longer and lets a later one catch up by lasting so much less.
     *
     * @param step the step held, from 1
     * @param by how much longer it lasts
     * @param catchUp the later step that gives the time; empty for the first one that lasts long enough
     */
    public Outcome hold(int step, Beats by, Optional<Integer> catchUp) {
        int row = row(step);
        int giver = catchUp.map(this::row).orElseGet(() -> firstLonger(row, by));
        if (giver < 0) {
            return Outcome.refused("Step " + step + " cannot be held " + by
                    + " longer: no later step lasts longer than that," + " and the bar would break by " + by + ".");
        }
        if (giver <= row || rhythm.beats(giver).compareTo(by) <= 0) {
            return Outcome.refused("Step " + (giver + 1) + " lasts " + rhythm.beats(giver) + " and cannot catch up "
                    + by + ": the bar would break by " + by + ".");
        }
        return moved(
                rhythm.onset(row + 1),
                rhythm.onset(giver + 1),
                by,
                true,
                "Step " + step + " is held " + by + " longer and step " + (giver + 1) + " catches up.");
    }

    /**
     * Brings the next step into the second part of this one's time.
     *
     * @param step the step whose time is divided, from 1
     * @param quarter whether the second part is the last quarter rather than the last half
     * @param givenTo the step that lasts longer for it, from {@code step + 1}; empty refuses with the time left over
     */
    public Outcome split(int step, boolean quarter, Optional<Integer> givenTo) {
        int row = row(step);
        if (row + 1 >= rhythm.size())
            return Outcome.refused("Step " + step + " is the last: there is no step to bring forward.");
        Beats half = rhythm.beats(row).halved();
        Beats taken = quarter ? half.halved() : half;
        Beats freed = rhythm.beats(row + 1);
        if (givenTo.isEmpty()) {
            return Outcome.refused(
                    "With steps " + step + " and " + (step + 1) + " in the time of one, the bar would break by " + freed
                            + ": say which later step lasts longer for it.");
        }
        int receiver = row(givenTo.get());
        if (receiver < row + 1) {
            return Outcome.refused("Only step " + (step + 1) + " or a later one can last longer for it.");
        }
        TreeMap<Beats, Beats> to = new TreeMap<>();
        for (Role each : Role.values()) {
            for (Beats onset : chart.rhythm(each).onsets()) {
                boolean brought = onset.equals(rhythm.onset(row + 1));
                boolean later =
                        onset.compareTo(rhythm.onset(row + 1)) > 0 && onset.compareTo(rhythm.onset(receiver + 1)) < 0;
                if (brought) to.put(onset, onset.minus(taken));
                else if (later) to.put(onset, onset.minus(freed));
            }
        }
        return with(
                to,
                "Steps " + step + " and " + (step + 1) + " share one step's time; step " + givenTo.get()
                        + " lasts longer for it.");
    }

    /** Lets a step come later; the one before lasts so much longer and this one so much less. */
    public Outcome delay(int step, Beats by) {
        int row = row(step);
        if (row == 0) return Outcome.refused("Step 1 cannot come later: the figure would begin with a hold.");
        if (rhythm.beats(row).compareTo(by) <= 0) {
            return Outcome.refused("Step " + step + " lasts " + rhythm.beats(row) + " and cannot be delayed by " + by
                    + ": the bar would break by " + by + ".");
        }
        return moved(rhythm.onset(row), rhythm.onset(row), by, false, "Step " + step + " comes " + by + " later.");
    }

    /**
     * Holds a step for whole bars more, so that the figure grows by them: a spiral drawn out over a bar.
     *
     * @param step the step held, from 1
     * @param bars how many bars it lasts longer, 1 or more
     */
    public Outcome lengthen(int step, int bars) {
        int row = row(step);
        if (bars < 1) return Outcome.refused("A figure grows by one bar or more, but " + bars + " was asked for.");
        Beats by = Beats.of(chart.dance().beatsPerBar() * bars);
        if (rhythm.beats(row).plus(by).compareTo(Beats.of(MOST_BEATS)) > 0) {
            return Outcome.refused(
                    "Step " + step + " would last " + rhythm.beats(row).plus(by) + " beats; one step is held for "
                            + MOST_BEATS + " at the most: spread the bars over several steps.");
        }
        TreeMap<Beats, Beats> later = new TreeMap<>();
        for (Role each : Role.values()) {
            for (Beats onset : chart.rhythm(each).onsets()) {
                if (onset.compareTo(rhythm.onset(row)) > 0) later.put(onset, onset.plus(by));
            }
        }
        return with(
                later,
                by,
                "Step " + step + " is held for " + bars + (bars == 1 ? " bar" : " bars")
                        + " more and the figure is so much longer.");
    }

    /** Gives all rows other counts of the same length; refuses another length with the difference. */
    public Outcome rhythm(Rhythm wanted) {
        if (wanted.size() != rhythm.size()) {
            return Outcome.refused("The rhythm has " + wanted.size() + " counts for " + rhythm.size() + " steps.");
        }
        Beats total = wanted.total();
        if (!total.equals(rhythm.total())) {
            boolean longer = total.compareTo(rhythm.total()) > 0;
            Beats by = longer ? total.minus(rhythm.total()) : rhythm.total().minus(total);
            return Outcome.refused("The rhythm " + wanted + " lasts " + total + " beats and the figure "
                    + rhythm.total() + ": the bar would break by " + by + ".");
        }
        TreeMap<Beats, Beats> to = new TreeMap<>();
        for (int i = 0; i < rhythm.size(); i++) to.put(rhythm.onset(i), wanted.onset(i));
        return with(to, "Counted " + wanted + ".");
    }

    /** Closes the feet instead of a walk, which gains time to prepare what follows; the partner closes too. */
    public Outcome closeInstead(int step) {
        int row = row(step);
        Beats onset = rhythm.onset(row);
        if (!chart.steps(role).get(row).placement().kind().travels()) {
            return Outcome.refused("Step " + step + " does not travel, so there is no walk to replace.");
        }
        List<List<Step>> rows = new ArrayList<>();
        for (Role each : Role.values()) {
            List<Step> steps = new ArrayList<>(chart.steps(each));
            Rhythm timed = chart.rhythm(each);
            for (int i = 0; i < steps.size(); i++) {
                boolean walks = steps.get(i).placement().kind().travels();
                if (timed.onset(i).equals(onset) && walks) {
                    steps.set(
                            i,
                            steps.get(i)
                                    .draft()
                                    .placement(Placement.of(Placement.Kind.CLOSE))
                                    .step());
                }
            }
            rows.add(steps);
        }
        return new Outcome(
                Optional.of(chart.withRows(rows.get(0), rows.get(1))), "Step " + step + " closes instead of walking.");
    }

    private int row(int step) {
        if (step < 1 || step > rhythm.size()) {
            throw new IllegalArgumentException("The step must be from 1 to " + rhythm.size() + ", but was " + step);
        }
        return step - 1;
    }

    private int firstLonger(int after, Beats by) {
        for (int i = after + 1; i < rhythm.size(); i++) if (rhythm.beats(i).compareTo(by) > 0) return i;
        return -1;
    }

    /** Moves every onset of both roles from {@code from} (inclusive) up to {@code to}. */
    private Outcome moved(Beats from, Beats to, Beats by, boolean untilExclusive, String words) {
        TreeMap<Beats, Beats> moves = new TreeMap<>();
        for (Role each : Role.values()) {
            for (Beats onset : chart.rhythm(each).onsets()) {
                boolean before = untilExclusive ? onset.compareTo(to) < 0 : onset.compareTo(to) <= 0;
                if (onset.compareTo(from) >= 0 && before) moves.put(onset, onset.plus(by));
            }
        }
        return with(moves, words);
    }

    private Outcome with(TreeMap<Beats, Beats> to, String words) {
        return with(to, Beats.ZERO, words);
    }

    private Outcome with(TreeMap<Beats, Beats> to, Beats longer, String words) {
        List<List<Step>> rows = new ArrayList<>();
        for (Role each : Role.values()) {
            Rhythm timed = chart.rhythm(each);
            List<Beats> onsets = new ArrayList<>();
            for (Beats onset : timed.onsets()) onsets.add(to.getOrDefault(onset, onset));
            onsets.add(timed.total().plus(longer));
            List<Beats> lengths = new ArrayList<>();
            for (int i = 0; i + 1 < onsets.size(); i++) {
                if (onsets.get(i + 1).compareTo(onsets.get(i)) <= 0) {
                    return Outcome.refused("The " + each + "'s step " + (i + 1) + " would have no time left.");
                }
                lengths.add(onsets.get(i + 1).minus(onsets.get(i)));
            }
            Optional<Rhythm> counted = counted(timed, lengths);
            if (counted.isEmpty()) return Outcome.refused("There are no counts for the lengths " + lengths + ".");
            List<Step> steps = new ArrayList<>();
            for (int i = 0; i < lengths.size(); i++) {
                steps.add(chart.steps(each)
                        .get(i)
                        .draft()
                        .count(counted.get().count(i))
                        .step());
            }
            rows.add(steps);
        }
        return new Outcome(Optional.of(chart.withRows(rows.get(0), rows.get(1))), words);
    }

    /** In the language of the chart where it can say it, else in beat numbers. */
    private Optional<Rhythm> counted(Rhythm before, List<Beats> lengths) {
        if (lengths.isEmpty()) return Optional.of(before);
        Dance dance = chart.dance();
        boolean numbered = before.counts().stream().anyMatch(c -> c.kind() == Count.Kind.BEAT);
        Optional<Rhythm> words = numbered ? Optional.empty() : Rhythm.inSlowsAndQuicks(dance, lengths);
        return words.or(() -> Rhythm.inBeats(dance, chart.startBeat(), lengths));
    }
}
