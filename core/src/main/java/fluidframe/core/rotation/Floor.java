package fluidframe.core.rotation;

import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jgrapht.Graph;
import org.jgrapht.alg.matching.SparseEdmondsMaximumCardinalityMatching;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleGraph;

/** An evening in numbers: people by their places in its list, and for every round how many can dance and who can wait. */
final class Floor {
    /** In one round: those who are free to be paired, how many of them wait, and who of them can. */
    record Setting(List<Integer> free, List<int[]> bound, int waiting, BitSet canWait) {}

    private final Evening evening;
    private final boolean[][] may;
    private final int[][] met;
    private final int[] waited;
    private final List<Setting> settings = new ArrayList<>();

    Floor(Evening evening) {
        this.evening = evening;
        int size = evening.people().size();
        may = new boolean[size][size];
        met = new int[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                if (i == j) continue;
                Two two = new Two(id(i), id(j));
                may[i][j] =
                        person(i).mayDanceWith(person(j)) && !evening.apart().contains(two);
                met[i][j] = evening.before().met().getOrDefault(two, 0);
            }
        }
        Map<BitSet, Setting> known = new HashMap<>();
        for (int round = 0; round < evening.rounds(); round++) {
            BitSet there = new BitSet();
            for (int i = 0; i < size; i++) if (person(i).isThere(round)) there.set(i);
            settings.add(known.computeIfAbsent(there, this::setting));
        }
        waited = waitedBefore();
    }

    private Setting setting(BitSet there) {
        List<int[]> bound = new ArrayList<>();
        BitSet left = (BitSet) there.clone();
        for (Two two : evening.together()) {
            int one = index(two.one());
            int other = index(two.other());
            if (one < 0 || other < 0 || !there.get(one) || !there.get(other) || !may[one][other]) continue;
            bound.add(new int[] {one, other});
            left.clear(one);
            left.clear(other);
        }
        List<Integer> free = left.stream().boxed().toList();
        int most = pairs(free);
        BitSet canWait = new BitSet();
        if (free.size() > 2 * most) {
            for (int one : free) {
                if (pairs(free.stream().filter(other -> other != one).toList()) == most) canWait.set(one);
            }
        }
        return new Setting(free, bound, free.size() - 2 * most, canWait);
    }

    /** How many pairs there can be at the most. */
    private int pairs(List<Integer> people) {
        if (people.size() < 2) return 0;
        Graph<Integer, DefaultEdge> graph = new SimpleGraph<>(DefaultEdge.class);
        people.forEach(graph::addVertex);
        for (int one : people) for (int other : people) if (one < other && may[one][other]) graph.addEdge(one, other);
        return new SparseEdmondsMaximumCardinalityMatching<>(graph)
                .getMatching()
                .getEdges()
                .size();
    }

    /** On earlier evenings, less what everybody has; who comes late is taken to have waited as often as those who were there. */
    private int[] waitedBefore() {
        int size = evening.people().size();
        int[] before = new int[size];
        for (int i = 0; i < size; i++) before[i] = evening.before().waited().getOrDefault(id(i), 0);
        int least = Arrays.stream(before).min().orElse(0);
        for (int i = 0; i < size; i++) {
            before[i] -= least;
            double share = 0;
            for (int round = 0; round < Math.min(person(i).from(), evening.rounds()); round++) {
                Setting setting = settings.get(round);
                if (setting.waiting() > 0)
                    share += (double) setting.waiting() / setting.canWait().cardinality();
            }
            before[i] += (int) share;
        }
        return before;
    }

    Evening evening() {
        return evening;
    }

    int size() {
        return evening.people().size();
    }

    int rounds() {
        return evening.rounds();
    }

    int firstOpen() {
        return evening.done().size();
    }

    Person person(int index) {
        return evening.people().get(index);
    }

    private String id(int index) {
        return person(index).id();
    }

    /** -1 for somebody who is not in the class any more. */
    int index(String id) {
        return IntStream.range(0, size())
                .filter(i -> id(i).equals(id))
                .findFirst()
                .orElse(-1);
    }

    boolean leads(int index) {
        return person(index).roles().contains(Role.MAN);
    }

    boolean follows(int index) {
        return person(index).roles().contains(Role.LADY);
    }

    boolean may(int one, int other) {
        return may[one][other];
    }

    int metBefore(int one, int other) {
        return met[one][other];
    }

    int waitedBefore(int one) {
        return waited[one];
    }

    Setting setting(int round) {
        return settings.get(round);
    }

    /** The rounds as people read them; who can dance both roles dances the one danced less. */
    List<Round> told(List<Partners> plan) {
        int[] asMan = new int[size()];
        List<Round> rounds = new ArrayList<>(evening.done());
        evening.done()
                .forEach(round -> round.pairs().forEach(pair -> {
                    int man = index(pair.man());
                    if (man >= 0) asMan[man]++;
                }));
        for (int round = firstOpen(); round < rounds(); round++) {
            List<Pair> pairs = new ArrayList<>();
            plan.get(round).pairs().forEach(pair -> pairs.add(told(pair[0], pair[1], asMan)));
            List<String> waiting =
                    plan.get(round).waiting().stream().mapToObj(this::id).toList();
            rounds.add(new Round(pairs, waiting));
        }
        return rounds;
    }

    private Pair told(int one, int other, int[] asMan) {
        boolean oneCan = leads(one) && follows(other);
        boolean otherCan = leads(other) && follows(one);
        boolean first = oneCan && (!otherCan || asMan[one] <= asMan[other]);
        asMan[first ? one : other]++;
        return first ? new Pair(id(one), id(other)) : new Pair(id(other), id(one));
    }

    /** What has been danced, as far as those are still in the class. */
    List<Partners> danced() {
        List<Partners> danced = new ArrayList<>();
        for (Round round : evening.done()) {
            List<int[]> pairs = new ArrayList<>();
            for (Pair pair : round.pairs()) {
                int one = index(pair.man());
                int other = index(pair.lady());
                if (one >= 0 && other >= 0) pairs.add(new int[] {one, other});
            }
            BitSet waiting = new BitSet();
            round.waiting().stream().mapToInt(this::index).filter(i -> i >= 0).forEach(waiting::set);
            danced.add(new Partners(pairs, waiting));
        }
        return danced;
    }

    boolean isTogether(int one, int other) {
        return evening.together().contains(new Two(id(one), id(other)));
    }
}
