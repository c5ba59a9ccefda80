package fluidframe.core.rotation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/** A plan being made: for every round whom everybody dances with, and what another choice would cost. */
final class Tally {
    /** Somebody who waits, and somebody who is not there or of whose round nothing is known yet. */
    private static final int WAITS = -1;

    private static final int NOWHERE = -2;

    private final Floor floor;
    private final int[][] partner;

    Tally(Floor floor) {
        this.floor = floor;
        partner = new int[floor.rounds()][floor.size()];
        for (int round = 0; round < floor.rounds(); round++) clear(round);
        List<Partners> danced = floor.danced();
        for (int round = 0; round < danced.size(); round++) set(round, danced.get(round));
    }

    void clear(int round) {
        Arrays.fill(partner[round], NOWHERE);
    }

    void set(int round, Partners partners) {
        clear(round);
        for (int[] pair : partners.pairs()) {
            partner[round][pair[0]] = pair[1];
            partner[round][pair[1]] = pair[0];
        }
        partners.waiting().stream().forEach(one -> partner[round][one] = WAITS);
    }

    Partners get(int round) {
        List<int[]> pairs = new ArrayList<>();
        BitSet waiting = new BitSet();
        for (int i = 0; i < floor.size(); i++) {
            if (partner[round][i] > i) pairs.add(new int[] {i, partner[round][i]});
            if (partner[round][i] == WAITS) waiting.set(i);
        }
        return new Partners(pairs, waiting);
    }

    List<Partners> all() {
        List<Partners> all = new ArrayList<>();
        for (int round = 0; round < floor.rounds(); round++) all.add(get(round));
        return all;
    }

    /** By how much the squares of meetings grow if these two dance in a round, beside what the other rounds have. */
    long meeting(int round, int one, int other) {
        int count = floor.metBefore(one, other);
        long cost = 0;
        for (int at = 0; at < floor.rounds(); at++) {
            if (at != round && partner[at][one] == other) count++;
            if (at >= round) cost += 2L * count + 1;
        }
        return cost;
    }

    /** By how much the squares of waits grow if somebody waits in a round. */
    long wait(int round, int one) {
        int count = floor.waitedBefore(one);
        long cost = 0;
        for (int at = 0; at < floor.rounds(); at++) {
            if (at != round && partner[at][one] == WAITS) count++;
            if (at >= round) cost += 2L * count + 1;
        }
        return cost;
    }

    /** How often somebody who waits in a round also waits in the one before or after. */
    int running(int round, int one) {
        int running = 0;
        if (round > 0 && partner[round - 1][one] == WAITS) running++;
        if (round + 1 < floor.rounds() && partner[round + 1][one] == WAITS) running++;
        return running;
    }

    Measure measure() {
        int size = floor.size();
        int[][] met = new int[size][size];
        int[] waited = new int[size];
        long meetings = 0;
        long waits = 0;
        long running = 0;
        long metNow = 0;
        long waitedNow = 0;
        for (int i = 0; i < size; i++) {
            waited[i] = floor.waitedBefore(i);
            waitedNow += (long) waited[i] * waited[i];
            for (int j = i + 1; j < size; j++) {
                met[i][j] = counts(i, j) ? floor.metBefore(i, j) : 0;
                metNow += (long) met[i][j] * met[i][j];
            }
        }
        for (int round = 0; round < floor.rounds(); round++) {
            for (int i = 0; i < size; i++) {
                int with = partner[round][i];
                if (with > i && counts(i, with)) {
                    metNow += 2L * met[i][with] + 1;
                    met[i][with]++;
                }
                if (with != WAITS) continue;
                waitedNow += 2L * waited[i] + 1;
                waited[i]++;
                if (round > 0 && partner[round - 1][i] == WAITS) running++;
            }
            meetings += metNow;
            waits += waitedNow;
        }
        return new Measure(waits, meetings, running);
    }

    /** Those who always dance together do not count as meeting. */
    private boolean counts(int one, int other) {
        return !floor.isTogether(one, other);
    }

    /** How often these two have danced before a round, and on earlier evenings. */
    int met(int before, int one, int other) {
        int count = floor.metBefore(one, other);
        for (int round = 0; round < before; round++) if (partner[round][one] == other) count++;
        return count;
    }

    int waited(int before, int one) {
        int count = floor.waitedBefore(one);
        for (int round = 0; round < before; round++) if (partner[round][one] == WAITS) count++;
        return count;
    }

    boolean waits(int round, int one) {
        return round >= 0 && partner[round][one] == WAITS;
    }
}
