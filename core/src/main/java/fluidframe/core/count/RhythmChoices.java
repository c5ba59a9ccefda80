package fluidframe.core.count;

import java.util.ArrayList;
import java.util.List;

/**
 * Every rhythm of one length that a dance permits for so many steps, the evenest first. Only lengths that are customary
 * in the dance are used; a row shorter than a beat stays within one beat, and the beat it divides is completed.
 */
public final class RhythmChoices {
    /** More than this are never listed; a longer figure is retimed in parts. */
    public static final int MOST = 120;

    private final Dance dance;
    private final int steps;
    private final List<Rhythm> found = new ArrayList<>();
    private final Beats start;

    private RhythmChoices(Dance dance, int steps, Beats start) {
        this.dance = dance;
        this.steps = steps;
        this.start = start;
    }

    /**
     * All of them in a fixed order, at most {@link #MOST}.
     *
     * @param steps how many rows, 1 to 16
     * @param total how long they last together
     * @param start beats from the beginning of a bar to the first row
     */
    public static List<Rhythm> of(Dance dance, int steps, Beats total, Beats start) {
        if (steps < 1 || steps > 16) {
            throw new IllegalArgumentException("Rhythms are listed for 1 to 16 steps, but there were " + steps);
        }
        RhythmChoices choices = new RhythmChoices(dance, steps, start);
        choices.extend(new ArrayList<>(), Beats.ZERO, total);
        choices.found.sort((a, b) -> Integer.compare(unevenness(a), unevenness(b)));
        return List.copyOf(choices.found);
    }

    private void extend(List<Beats> lengths, Beats used, Beats total) {
        if (found.size() >= MOST) return;
        int left = steps - lengths.size();
        if (left == 0) {
            if (used.equals(total)) {
                Rhythm.inSlowsAndQuicks(dance, lengths)
                        .or(() -> Rhythm.inBeats(dance, start, lengths))
                        .ifPresent(found::add);
            }
            return;
        }
        for (Beats length : dance.rowLengths()) {
            Beats end = used.plus(length);
            if (end.compareTo(total) > 0) break;
            Beats into = start.plus(used).remainder(Beats.ONE);
            boolean crosses = into.plus(length).compareTo(Beats.ONE) > 0;
            boolean fits = into.isZero() || !crosses;
            boolean leavesGap = length.compareTo(Beats.ONE) > 0
                    && !length.remainder(Beats.ONE).isZero();
            if (!fits || leavesGap) continue;
            lengths.add(length);
            extend(lengths, end, total);
            lengths.remove(lengths.size() - 1);
        }
    }

    private static int unevenness(Rhythm rhythm) {
        int splits = 0;
        for (int i = 0; i < rhythm.size(); i++) splits += rhythm.beats(i).compareTo(Beats.ONE) < 0 ? 1 : 0;
        return splits;
    }
}
