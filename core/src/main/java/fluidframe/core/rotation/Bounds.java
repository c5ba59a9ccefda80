package fluidframe.core.rotation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.PriorityQueue;

/**
 * What no plan can be better than, whatever is danced in the rounds that are open: after every round, the meetings that there have
 * been are spread over all pairs that could have danced, and the waits over all who could have waited.
 */
final class Bounds {
    private Bounds() {}

    /** For the rounds from one on, what is before it being as the tally has it. */
    static Measure of(Floor floor, Tally tally, int open) {
        Measure fixed = measured(floor, tally, open);
        return new Measure(
                fixed.waits() + waits(floor, tally, open),
                fixed.meetings() + meetings(floor, tally, open),
                fixed.running() + running(floor, tally, open));
    }

    private static Measure measured(Floor floor, Tally tally, int open) {
        Tally upTo = new Tally(floor);
        for (int round = 0; round < floor.rounds(); round++) {
            if (round < open) upTo.set(round, tally.get(round));
            else upTo.clear(round);
        }
        Measure all = upTo.measure();
        // Rounds of which nothing is known repeat what was there after the last that is known.
        long waits = 0;
        long meetings = 0;
        for (int i = 0; i < floor.size(); i++) {
            long waited = upTo.waited(open, i);
            waits += waited * waited;
            for (int j = i + 1; j < floor.size(); j++) {
                if (floor.isTogether(i, j)) continue;
                long met = upTo.met(open, i, j);
                meetings += met * met;
            }
        }
        int left = floor.rounds() - open;
        return new Measure(all.waits() - left * waits, all.meetings() - left * meetings, all.running());
    }

    private static long meetings(Floor floor, Tally tally, int open) {
        long total = 0;
        int dances = 0;
        boolean[][] could = new boolean[floor.size()][floor.size()];
        for (int round = open; round < floor.rounds(); round++) {
            Floor.Setting setting = floor.setting(round);
            dances += (setting.free().size() - setting.waiting()) / 2;
            for (int one : setting.free()) for (int other : setting.free()) could[one][other] |= floor.may(one, other);
            List<Integer> counts = new ArrayList<>();
            long others = 0;
            for (int i = 0; i < floor.size(); i++) {
                for (int j = i + 1; j < floor.size(); j++) {
                    if (floor.isTogether(i, j)) continue;
                    int met = tally.met(open, i, j);
                    if (could[i][j]) counts.add(met);
                    else others += (long) met * met;
                }
            }
            total += others + spread(counts, dances);
        }
        return total;
    }

    private static long waits(Floor floor, Tally tally, int open) {
        long total = 0;
        int waits = 0;
        BitSet could = new BitSet();
        for (int round = open; round < floor.rounds(); round++) {
            waits += floor.setting(round).waiting();
            could.or(floor.setting(round).canWait());
            List<Integer> counts = new ArrayList<>();
            long others = 0;
            for (int i = 0; i < floor.size(); i++) {
                int waited = tally.waited(open, i);
                if (could.get(i)) counts.add(waited);
                else others += (long) waited * waited;
            }
            total += others + spread(counts, waits);
        }
        return total;
    }

    private static long running(Floor floor, Tally tally, int open) {
        long total = 0;
        for (int round = Math.max(1, open); round < floor.rounds(); round++) {
            BitSet either = (BitSet) floor.setting(round).canWait().clone();
            int before = floor.setting(round - 1).waiting();
            if (round == open) {
                before = 0;
                for (int i = 0; i < floor.size(); i++) {
                    if (!tally.waits(round - 1, i)) continue;
                    before++;
                    either.set(i);
                }
            } else {
                either.or(floor.setting(round - 1).canWait());
            }
            total += Math.max(0, before + floor.setting(round).waiting() - either.cardinality());
        }
        return total;
    }

    /** The least sum of squares after so many more have been added to the counts, one at a time to the smallest. */
    static long spread(List<Integer> counts, int more) {
        if (counts.isEmpty()) return 0;
        PriorityQueue<Integer> queue = new PriorityQueue<>(counts);
        for (int i = 0; i < more; i++) queue.add(queue.remove() + 1);
        long squares = 0;
        for (int count : queue) squares += (long) count * count;
        return squares;
    }
}
