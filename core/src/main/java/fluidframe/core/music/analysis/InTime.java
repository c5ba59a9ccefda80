package fluidframe.core.music.analysis;

import java.util.ArrayList;
import java.util.List;

/**
 * The beats that mean something: those before the music is in time are left out, and a free passage within it is counted in even
 * beats from the bar before it to the one after it, wherever that comes in.
 *
 * @param beats in seconds, in order
 * @param one the index of the first beat of a bar
 * @param free the passages out of time, in bars from there
 * @param sure how sure the beats are, 0 to 1
 */
record InTime(List<Double> beats, int one, List<Steadiness.Passage> free, double sure) {
    /** A stretch shorter than this goes on with the bars of the one before. */
    private static final int OWN_BARS = 6;

    static InTime of(Onsets onsets, BeatSound sound, List<Double> beats, int beatsPerBar) {
        int first = Ones.of(sound, onsets, beats, beatsPerBar).first();
        int one = first;
        List<Steadiness.Passage> free =
                Steadiness.of(onsets, beats, one, beatsPerBar).free();
        if (!free.isEmpty()) {
            // What is played freely has no ones: they are looked for again where it is in time.
            int from = free.get(0).from() == 0 ? one + free.get(0).to() * beatsPerBar : one;
            int to = free.stream()
                    .filter(passage -> passage.from() > 0)
                    .findFirst()
                    .map(passage -> first + passage.from() * beatsPerBar)
                    .orElse(beats.size());
            one = (from + phase(onsets, sound, beats, from, to, beatsPerBar)) % beatsPerBar;
        }
        Steadiness steadiness = Steadiness.of(onsets, beats, one, beatsPerBar);
        if (steadiness.free().isEmpty()) return new InTime(beats, one, List.of(), steadiness.usual());
        return new Spread(onsets, sound, beats, beatsPerBar).over(one, steadiness);
    }

    /** How many beats after the first of a stretch its first bar begins; 0 where it is too short to tell. */
    private static int phase(Onsets onsets, BeatSound sound, List<Double> beats, int from, int to, int beatsPerBar) {
        if (to - from < OWN_BARS * beatsPerBar) return 0;
        return Ones.of(sound.part(from, to), onsets, beats.subList(from, to), beatsPerBar)
                .first();
    }

    /** Spreads beats over the passages out of time. */
    private record Spread(Onsets onsets, BeatSound sound, List<Double> beats, int beatsPerBar) {
        InTime over(int one, Steadiness steadiness) {
            List<Steadiness.Passage> found = steadiness.free();
            boolean before = found.get(0).from() == 0;
            List<Double> spread = new ArrayList<>();
            int at = before ? one + found.get(0).to() * beatsPerBar : 0;
            int first = before ? 0 : one;
            List<Steadiness.Passage> free = new ArrayList<>();
            for (int i = before ? 1 : 0; i < found.size(); i++) {
                int from = Math.max(at, one + found.get(i).from() * beatsPerBar);
                // Where the stretch before has bars of its own, whole ones of them.
                from -= Math.floorMod(spread.size() + from - at - first, beatsPerBar);
                if (from <= at) continue;
                int end = one + found.get(i).to() * beatsPerBar;
                int next = i + 1 < found.size() ? one + found.get(i + 1).from() * beatsPerBar : beats.size();
                int to = Math.min(beats.size() - 1, end + phase(onsets, sound, beats, end, next, beatsPerBar));
                spread.addAll(beats.subList(at, from));
                int bar = (spread.size() - first) / beatsPerBar;
                evenly(spread, from, to);
                free.add(new Steadiness.Passage(bar, (spread.size() - first) / beatsPerBar));
                at = to;
            }
            spread.addAll(beats.subList(at, beats.size()));
            return new InTime(List.copyOf(spread), first, List.copyOf(free), steadiness.usual());
        }

        private void evenly(List<Double> spread, int from, int to) {
            double begin = beats.get(from);
            double length = beats.get(to) - begin;
            double usual = from > 0 ? begin - beats.get(from - 1) : length / (to - from);
            int count = beatsPerBar * Math.max(1, (int) Math.round(length / usual / beatsPerBar));
            for (int beat = 0; beat < count; beat++) spread.add(begin + length * beat / count);
        }
    }
}
