package fluidframe.core.rotation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * All plans are tried, those first that cost least, and whole branches are left out that cannot become better than what is known.
 * For up to {@value #MOST_PEOPLE} people and {@value #MOST_ROUNDS} open rounds, and not beyond so many steps.
 */
final class Search {
    static final int MOST_PEOPLE = 8;
    static final int MOST_ROUNDS = 6;
    private static final int MOST_STEPS = 60_000;

    private final Floor floor;
    private final Tally tally;
    private Measure best;
    private List<Partners> bestPlan;
    private int steps;

    private Search(Floor floor, Tally known) {
        this.floor = floor;
        this.tally = new Tally(floor);
        this.best = known.measure();
        this.bestPlan = known.all();
    }

    static boolean fits(Floor floor) {
        return floor.size() <= MOST_PEOPLE && floor.rounds() - floor.firstOpen() <= MOST_ROUNDS;
    }

    /** The best of all plans, if all could be tried or ruled out. */
    static Optional<Tally> best(Floor floor, Tally known) {
        Search search = new Search(floor, known);
        if (!search.goesOn(floor.firstOpen())) return Optional.empty();
        Tally found = new Tally(floor);
        for (int round = floor.firstOpen(); round < floor.rounds(); round++)
            found.set(round, search.bestPlan.get(round));
        return Optional.of(found);
    }

    /** False where it took too many steps. */
    private boolean goesOn(int round) {
        if (++steps > MOST_STEPS) return false;
        if (round == floor.rounds()) {
            Measure found = tally.measure();
            if (found.compareTo(best) < 0) {
                best = found;
                bestPlan = tally.all();
            }
            return true;
        }
        if (Bounds.of(floor, tally, round).compareTo(best) >= 0) return true;
        List<Partners> choices = new ArrayList<>();
        Floor.Setting setting = floor.setting(round);
        choices(setting, 0, new ArrayList<>(setting.bound()), new BitSet(), new BitSet(), choices);
        choices.sort(Comparator.comparingDouble(partners -> cost(round, partners)));
        for (Partners partners : choices) {
            tally.set(round, partners);
            if (!goesOn(round + 1)) return false;
        }
        tally.clear(round);
        return true;
    }

    private double cost(int round, Partners partners) {
        double cost = 0;
        for (int[] pair : partners.pairs()) cost += tally.meeting(round, pair[0], pair[1]);
        for (int i = partners.waiting().nextSetBit(0);
                i >= 0;
                i = partners.waiting().nextSetBit(i + 1)) {
            cost += 1e6 * tally.wait(round, i) + tally.running(round, i) / 1e3;
        }
        return cost;
    }

    private void choices(
            Floor.Setting setting, int next, List<int[]> pairs, BitSet taken, BitSet waiting, List<Partners> found) {
        List<Integer> free = setting.free();
        if (next == free.size()) {
            if (waiting.cardinality() == setting.waiting()) {
                found.add(new Partners(List.copyOf(pairs), (BitSet) waiting.clone()));
            }
            return;
        }
        int one = free.get(next);
        if (taken.get(one)) {
            choices(setting, next + 1, pairs, taken, waiting, found);
            return;
        }
        if (waiting.cardinality() < setting.waiting()) {
            waiting.set(one);
            choices(setting, next + 1, pairs, taken, waiting, found);
            waiting.clear(one);
        }
        for (int at = next + 1; at < free.size(); at++) {
            int other = free.get(at);
            if (taken.get(other) || !floor.may(one, other)) continue;
            taken.set(other);
            pairs.add(new int[] {one, other});
            choices(setting, next + 1, pairs, taken, waiting, found);
            pairs.remove(pairs.size() - 1);
            taken.clear(other);
        }
    }
}
