package fluidframe.core.music.analysis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Which bars are in time. Music in time strikes from bar to bar at nearly the same places; where every bar is unlike those around it,
 * somebody plays freely, and the beats found there mean nothing.
 */
final class Steadiness {
    /** Within a beat, so that halves, thirds and their halves have a place each. */
    private static final int SLOTS = 6;
    /** How many bars to either side are asked, and how many of them have to be alike. */
    private static final int AROUND = 4;

    private static final int ALIKE = 3;
    /** A bar that is less alike than this share of the usual speaks for a free passage, one that is more alike against it. */
    private static final double USUAL_SHARE = 0.75;
    /** The same of a passage taken together: a beginning is left out, which has to be surer than that something within it is free. */
    private static final double FREE_BEFORE = 0.45;

    private static final double FREE_WITHIN = 0.55;

    /** What going over from the one to the other costs, in likenesses of a bar. */
    private static final double CHANGE = 0.2;

    private static final int SHORTEST_BEFORE = 2;
    private static final int SHORTEST_WITHIN = 3;

    /** Steps around a beat in which it may be struck, and how strongly it has to be. */
    private static final int NEAR = 3;

    private static final double STRUCK = 0.5;
    /** So many beats from the first of a bar on are even if none is off by this share of a beat. */
    private static final int EVEN = 8;

    private static final double EVEN_SHARE = 0.04;

    private final double[] bars;
    private final double usual;

    /**
     * @param alike how like each bar is to those around it
     * @param even which of them are in time whatever they are like
     */
    private Steadiness(double[] alike, boolean[] even) {
        double[] sorted = alike.clone();
        Arrays.sort(sorted);
        usual = sorted.length == 0 ? 0 : sorted[sorted.length / 2];
        bars = IntStream.range(0, alike.length)
                .mapToDouble(bar -> even[bar] ? 1 : alike[bar])
                .toArray();
    }

    /** @param one the index of the beat on which the first bar begins */
    static Steadiness of(Onsets onsets, List<Double> beats, int one, int beatsPerBar) {
        int count = Math.max(0, (beats.size() - one) / beatsPerBar);
        double[][] struck = new double[count][];
        for (int bar = 0; bar < count; bar++) struck[bar] = struck(onsets, beats, one + bar * beatsPerBar, beatsPerBar);
        double[] alike = new double[count];
        boolean[] even = new boolean[count];
        for (int bar = 0; bar < count; bar++) {
            alike[bar] = alike(struck, bar);
            even[bar] = isEven(onsets, beats, one + bar * beatsPerBar, beatsPerBar);
        }
        return new Steadiness(alike, even);
    }

    private static double[] struck(Onsets onsets, List<Double> beats, int first, int beatsPerBar) {
        double[] slots = new double[SLOTS * beatsPerBar];
        for (int slot = 0; slot < slots.length; slot++) {
            int beat = first + slot / SLOTS;
            double from = beats.get(beat);
            double length = beat + 1 < beats.size() ? beats.get(beat + 1) - from : from - beats.get(beat - 1);
            double middle = from + length * (slot % SLOTS) / SLOTS;
            int begin = (int) Math.round((middle - length / SLOTS / 2) * Onsets.PER_SECOND);
            int end = (int) Math.round((middle + length / SLOTS / 2) * Onsets.PER_SECOND);
            slots[slot] = Math.sqrt(most(onsets, begin, end));
        }
        double mean = Arrays.stream(slots).average().orElse(0);
        for (int slot = 0; slot < slots.length; slot++) slots[slot] -= mean;
        return slots;
    }

    /** Whether something is struck on every beat of a bar, and they come evenly: then it is in time, whatever is played between. */
    private static boolean isEven(Onsets onsets, List<Double> beats, int first, int beatsPerBar) {
        for (int beat = first; beat < first + beatsPerBar; beat++) {
            int step = (int) Math.round(beats.get(beat) * Onsets.PER_SECOND);
            if (most(onsets, step - NEAR, step + NEAR + 1) < STRUCK) return false;
        }
        int from = Math.max(0, Math.min(first, beats.size() - EVEN));
        int to = Math.min(beats.size(), from + EVEN);
        double length = (beats.get(to - 1) - beats.get(from)) / (to - 1 - from);
        return IntStream.range(from, to)
                .allMatch(beat ->
                        Math.abs(beats.get(beat) - beats.get(from) - (beat - from) * length) < EVEN_SHARE * length);
    }

    private static double most(Onsets onsets, int from, int to) {
        double most = 0;
        for (int step = Math.max(0, from); step < Math.min(to, onsets.steps()); step++) {
            most = Math.max(most, onsets.all()[step] + onsets.bass()[step]);
        }
        return most;
    }

    /** How like a bar is to the second most alike around it: one other bar can be alike by chance. */
    private static double alike(double[][] struck, int bar) {
        double[] around = new double[2 * AROUND];
        Arrays.fill(around, -1);
        for (int apart = 1; apart <= AROUND; apart++) {
            if (bar >= apart) around[apart - 1] = BeatSound.likeness(struck[bar], struck[bar - apart]);
            if (bar + apart < struck.length)
                around[AROUND + apart - 1] = BeatSound.likeness(struck[bar], struck[bar + apart]);
        }
        Arrays.sort(around);
        return Math.max(0, around[around.length - ALIKE]);
    }

    /** How like the bar in the middle of them all is to those around it, 0 to 1: by this the beats are sure. */
    double usual() {
        return Math.min(1, usual);
    }

    /** Bars out of time, from the first to behind the last. */
    record Passage(int from, int to) {
        int bars() {
            return to - from;
        }
    }

    /** The passages out of time, in order: the division into free and in time of which all bars together say most. */
    List<Passage> free() {
        double free = 0;
        double steady = 0;
        boolean[] freeFromSteady = new boolean[bars.length];
        boolean[] steadyFromFree = new boolean[bars.length];
        for (int bar = 0; bar < bars.length; bar++) {
            freeFromSteady[bar] = bar > 0 && steady - CHANGE > free;
            steadyFromFree[bar] = bar > 0 && free - CHANGE > steady;
            double next = freeFromSteady[bar] ? steady - CHANGE : free;
            steady = (steadyFromFree[bar] ? free - CHANGE : steady) - speaks(bar);
            free = next + speaks(bar);
        }
        boolean[] isFree = new boolean[bars.length];
        boolean now = free > steady;
        for (int bar = bars.length - 1; bar >= 0; bar--) {
            isFree[bar] = now;
            if (now ? freeFromSteady[bar] : steadyFromFree[bar]) now = !now;
        }
        return passages(isFree);
    }

    private List<Passage> passages(boolean[] isFree) {
        List<Passage> passages = new ArrayList<>();
        int from = 0;
        while (from < isFree.length) {
            int to = from + 1;
            while (to < isFree.length && isFree[to] == isFree[from]) to++;
            // What rings out at the end, or is talked over, is unlike what was before and yet counted on.
            boolean isLong = to - from >= (from == 0 ? SHORTEST_BEFORE : SHORTEST_WITHIN) && to < isFree.length;
            double mean = Arrays.stream(bars, from, to).average().orElse(0);
            double share = from == 0 ? FREE_BEFORE : FREE_WITHIN;
            if (isFree[from] && isLong && mean < share * usual) passages.add(new Passage(from, to));
            from = to;
        }
        return passages;
    }

    /** How much a bar speaks for being played freely. */
    private double speaks(int bar) {
        return USUAL_SHARE * usual - bars[bar];
    }
}
