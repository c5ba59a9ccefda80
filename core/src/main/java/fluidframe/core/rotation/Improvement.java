package fluidframe.core.rotation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.jgrapht.Graph;
import org.jgrapht.alg.matching.blossom.v5.KolmogorovWeightedPerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/**
 * One round after the other is paired as well as the rounds around it allow, which is a perfect matching of least cost; then rounds
 * are taken out and paired anew as long as anything becomes better. Deterministic.
 */
final class Improvement implements Method {
    /** A meeting weighs more than all waits twice running of a round. */
    private static final double MEETING = 256;

    /** Beyond this the matching takes a cost for one that cannot be paid. */
    private static final double MOST = 1e9;

    private static final int STARTS = 6;
    private static final int TAKEN_OUT = 3;
    private static final int KICKS = 12;

    /** So many pairs of people are looked at before what has been found is good enough: some seconds for the largest class. */
    private static final long ENOUGH = 5_000_000;

    private long looked;

    @Override
    public Optional<Tally> plan(Floor floor) {
        Random random = new Random(floor.size() * 1_000L + floor.rounds());
        Measure bound = Bounds.of(floor, new Tally(floor), floor.firstOpen());
        Tally best = null;
        Measure least = null;
        for (int start = 0; start < STARTS; start++) {
            Tally tally = new Tally(floor);
            for (int round = floor.firstOpen(); round < floor.rounds(); round++)
                pair(floor, tally, round, start, random);
            settle(floor, tally, random);
            Measure found = kicked(floor, tally, bound, random);
            if (least == null || found.compareTo(least) < 0) {
                best = tally;
                least = found;
            }
            if (least.equals(bound) || looked > ENOUGH) break;
        }
        return Optional.ofNullable(best);
    }

    /** Some rounds are taken out and paired anew; what becomes worse is put back. */
    private Measure kicked(Floor floor, Tally tally, Measure bound, Random random) {
        Measure least = tally.measure();
        List<Integer> open = new ArrayList<>(
                IntStream.range(floor.firstOpen(), floor.rounds()).boxed().toList());
        for (int kick = 0; kick < KICKS && looked <= ENOUGH && !least.equals(bound); kick++) {
            List<Partners> kept = tally.all();
            Collections.shuffle(open, random);
            List<Integer> out = open.subList(0, Math.min(TAKEN_OUT, open.size()));
            out.forEach(tally::clear);
            for (int round : out) pair(floor, tally, round, 1, random);
            settle(floor, tally, random);
            Measure found = tally.measure();
            if (found.compareTo(least) <= 0) least = found;
            else for (int round = 0; round < kept.size(); round++) tally.set(round, kept.get(round));
        }
        return least;
    }

    private void settle(Floor floor, Tally tally, Random random) {
        Measure before = tally.measure();
        while (true) {
            for (int round = floor.firstOpen(); round < floor.rounds(); round++) pair(floor, tally, round, 0, random);
            Measure after = tally.measure();
            if (after.compareTo(before) >= 0 || looked > ENOUGH) return;
            before = after;
        }
    }

    /** @param noise above 0 to choose among equals by chance */
    private void pair(Floor floor, Tally tally, int round, int noise, Random random) {
        Floor.Setting setting = floor.setting(round);
        looked += (long) setting.free().size() * setting.free().size();
        List<int[]> pairs = new ArrayList<>(setting.bound());
        BitSet waiting = new BitSet();
        if (!setting.free().isEmpty()) {
            Graph<Integer, DefaultWeightedEdge> graph = graph(floor, tally, round, noise, random);
            for (DefaultWeightedEdge edge :
                    new KolmogorovWeightedPerfectMatching<>(graph).getMatching().getEdges()) {
                int one = graph.getEdgeSource(edge);
                int other = graph.getEdgeTarget(edge);
                if (one < 0) waiting.set(other);
                else if (other < 0) waiting.set(one);
                else pairs.add(new int[] {one, other});
            }
        }
        tally.set(round, new Partners(pairs, waiting));
    }

    /** People, joined where they may dance, and places to wait below 0; as many pairs and waits in whatever way, so least costs are 0. */
    private static Graph<Integer, DefaultWeightedEdge> graph(
            Floor floor, Tally tally, int round, int noise, Random random) {
        Floor.Setting setting = floor.setting(round);
        List<Integer> free = setting.free();
        Graph<Integer, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        free.forEach(graph::addVertex);
        long least = Long.MAX_VALUE;
        long most = 0;
        for (int one : free) {
            for (int other : free) {
                if (one >= other || !floor.may(one, other)) continue;
                long meeting = tally.meeting(round, one, other);
                least = Math.min(least, meeting);
                most = Math.max(most, meeting);
            }
        }
        for (int one : free) {
            for (int other : free) {
                if (one >= other || !floor.may(one, other)) continue;
                double cost = MEETING * (tally.meeting(round, one, other) - least);
                edge(graph, one, other, cost + chance(noise, random));
            }
        }
        if (setting.waiting() == 0) return graph;
        // A wait weighs more than all meetings of the round together.
        double wait = MEETING * (Math.max(0, most - least) * (free.size() / 2 + 1.0) + 1);
        long leastWait = setting.canWait().stream()
                .mapToLong(one -> tally.wait(round, one))
                .min()
                .orElse(0);
        for (int place = 1; place <= setting.waiting(); place++) {
            graph.addVertex(-place);
            for (int one : free) {
                if (!setting.canWait().get(one)) continue;
                double cost = wait * (tally.wait(round, one) - leastWait) + tally.running(round, one);
                edge(graph, one, -place, cost + chance(noise, random));
            }
        }
        return graph;
    }

    private static double chance(int noise, Random random) {
        return noise == 0 ? 0 : random.nextInt(noise * 8) / 16.0;
    }

    private static void edge(Graph<Integer, DefaultWeightedEdge> graph, int one, int other, double cost) {
        graph.setEdgeWeight(graph.addEdge(one, other), Math.min(MOST, cost));
    }
}
