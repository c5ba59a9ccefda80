package fluidframe.core.plan;

import java.util.Arrays;

/**
 * The best few ways to reach each state of a search, with the way back from each: a state is a time, a place and what has been
 * counted. Memory is taken once, at the beginning.
 */
final class Kept {
    /** The score of a place that has not been reached. */
    private static final int NONE = Integer.MIN_VALUE;
    /** About 180 MB. */
    private static final long MOST = 16_000_000;

    private final int places;
    private final int states;
    private final int wanted;
    private final int[] scores;
    private final int[] froms;
    private final short[] edges;
    private final byte[] ranks;
    private final byte[] many;

    Kept(int units, int places, int states, int wanted) {
        long entries = (long) (units + 1) * places * states * wanted;
        if (entries > MOST) {
            throw new IllegalArgumentException("This plan would have to keep " + entries
                    + " ways at a time, more than " + MOST
                    + ": ask for fewer routines or bars, or limit fewer figures");
        }
        this.places = places;
        this.states = states;
        this.wanted = wanted;
        scores = new int[(int) entries];
        froms = new int[(int) entries];
        edges = new short[(int) entries];
        ranks = new byte[(int) entries];
        many = new byte[(int) (entries / wanted)];
        Arrays.fill(scores, NONE);
    }

    private int at(int time, int node, int state) {
        return (time * places + node) * states + state;
    }

    int many(int time, int node, int state) {
        return many[at(time, node, state)];
    }

    int score(int time, int node, int state, int rank) {
        return scores[at(time, node, state) * wanted + rank];
    }

    int from(int at, int rank) {
        return froms[at * wanted + rank];
    }

    int edge(int at, int rank) {
        return edges[at * wanted + rank];
    }

    int fromRank(int at, int rank) {
        return ranks[at * wanted + rank];
    }

    /** Keeps a way if it is among the best so far; whether it was. */
    boolean offer(int time, int node, int state, int score, int from, int rank, int edge) {
        int at = at(time, node, state);
        int base = at * wanted;
        int have = many[at];
        if (have == wanted && score <= scores[base + have - 1]) return false;
        int place = have < wanted ? have : wanted - 1;
        while (place > 0 && scores[base + place - 1] < score) {
            scores[base + place] = scores[base + place - 1];
            froms[base + place] = froms[base + place - 1];
            edges[base + place] = edges[base + place - 1];
            ranks[base + place] = ranks[base + place - 1];
            place--;
        }
        scores[base + place] = score;
        froms[base + place] = from;
        edges[base + place] = (short) edge;
        ranks[base + place] = (byte) rank;
        if (have < wanted) many[at]++;
        return true;
    }
}
