package fluidframe.core.music.analysis;

import fluidframe.core.band.Band;
import fluidframe.core.band.Note;
import fluidframe.core.count.Dance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * How well a recording could be danced to as one dance: by its tempo against the dance's band, by how clearly its bars come in the
 * dance's metre, and by what is struck in a bar against the house band's pattern.
 *
 * @param barsPerMinute the tempo heard if it is this dance
 * @param tempo 1 within the dance's band, towards 0 far from it
 * @param metre 0 where bars of so many beats do not stand out, towards 1
 * @param rhythm 1 where what is struck is as in the dance, 0 where it has nothing of it
 */
public record DanceLikeness(Dance dance, double barsPerMinute, double tempo, double metre, double rhythm) {
    /** From the middle of the recording so many seconds are listened to. */
    private static final int LISTENED_SECONDS = 60;

    private static final int SLOTS = 12;
    /** A tempo so far outside of the band, as a share, counts little. */
    private static final double FAR = 0.08;

    private static final double RHYTHM = 0.6;
    private static final double METRE = 0.25;

    /** 0 to 1: the tempo counts in any case, the rest as far as it is heard. */
    public double score() {
        return tempo * (1 - RHYTHM - METRE + RHYTHM * rhythm + METRE * metre);
    }

    /** Why it is where it is in the ranking, in a sentence. */
    public String why() {
        String band = dance.slowestBarsPerMinute() + " to " + dance.fastestBarsPerMinute();
        String where = barsPerMinute < dance.slowestBarsPerMinute()
                ? "slower than"
                : barsPerMinute > dance.fastestBarsPerMinute() ? "quicker than" : "within";
        return String.format(
                Locale.ROOT,
                "%.1f bars of %d beats a minute, %s %s; what is struck is %s its rhythm",
                barsPerMinute,
                dance.beatsPerBar(),
                where,
                band,
                rhythm > 0.66 ? "much like" : rhythm > 0.4 ? "somewhat like" : "unlike");
    }

    /** All dances that have a band, the likeliest first; none for a recording in which nothing is heard. */
    public static List<DanceLikeness> ranked(Recording recording, Collection<Band> bands) {
        Recording middle = middle(recording);
        if (middle.isSilent()) return List.of();
        Onsets onsets = Onsets.of(middle);
        List<DanceLikeness> ranked = new ArrayList<>();
        // Dances of one tempo hear the same beats.
        Map<List<Double>, BeatSound> sounds = new HashMap<>();
        for (Band band : bands) {
            List<Double> beats = Heard.beats(onsets, band.dance());
            if (beats.size() < 2 * band.dance().beatsPerBar()) continue;
            Heard heard = Heard.of(
                    onsets,
                    sounds.computeIfAbsent(beats, b -> BeatSound.of(middle, b)),
                    beats,
                    band.dance().beatsPerBar());
            ranked.add(of(band, heard, onsets));
        }
        ranked.sort(Comparator.comparingDouble(DanceLikeness::score)
                .reversed()
                .thenComparing(one -> one.dance().ordinal()));
        return ranked;
    }

    private static DanceLikeness of(Band band, Heard heard, Onsets onsets) {
        Dance dance = band.dance();
        double tempo = heard.barsPerMinute();
        double outside =
                Math.max(Math.max(dance.slowestBarsPerMinute() / tempo, tempo / dance.fastestBarsPerMinute()) - 1, 0);
        double fits = Math.exp(-(outside / FAR) * (outside / FAR));
        double rhythm = Math.max(0, correlation(written(band), struck(heard, onsets)));
        return new DanceLikeness(dance, tempo, fits, heard.sureOfOne(), rhythm);
    }

    private static Recording middle(Recording recording) {
        int length = LISTENED_SECONDS * recording.rate();
        if (recording.samples().length <= length) return recording;
        int from = (recording.samples().length - length) / 2;
        return new Recording(Arrays.copyOfRange(recording.samples(), from, from + length), recording.rate());
    }

    /** What the band strikes in a bar, over all bars of its phrase. */
    private static double[] written(Band band) {
        int perBar = band.dance().beatsPerBar();
        double[] slots = new double[perBar * SLOTS];
        for (Note note : band.phrase()) {
            add(slots, note.beat() * SLOTS, note.loud() * (note.instrument().isPitched() ? 0.6 : 1));
        }
        return slots;
    }

    private static double[] struck(Heard heard, Onsets onsets) {
        int perBar = heard.beatsPerBar();
        double[] slots = new double[perBar * SLOTS];
        List<Double> beats = heard.beats();
        for (int i = heard.firstOne(); i + 1 < beats.size(); i++) {
            double from = beats.get(i);
            double length = beats.get(i + 1) - from;
            int first = (int) Math.round((from - length / SLOTS / 2) * Onsets.PER_SECOND);
            int last = (int) Math.round((from + length - length / SLOTS / 2) * Onsets.PER_SECOND);
            for (int step = Math.max(0, first); step < Math.min(last, onsets.steps()); step++) {
                double within = (step / (double) Onsets.PER_SECOND - from) / length;
                add(slots, (Math.floorMod(i - heard.firstOne(), perBar) + within) * SLOTS, onsets.all()[step]);
            }
        }
        return slots;
    }

    /** Shared between the two slots nearest to a place, which is taken round the bar. */
    private static void add(double[] slots, double place, double what) {
        int low = (int) Math.floor(place);
        double share = place - low;
        slots[Math.floorMod(low, slots.length)] += what * (1 - share);
        slots[Math.floorMod(low + 1, slots.length)] += what * share;
    }

    private static double correlation(double[] one, double[] other) {
        double ones = Arrays.stream(one).average().orElse(0);
        double others = Arrays.stream(other).average().orElse(0);
        double product = 0;
        double square = 1e-12;
        double otherSquare = 1e-12;
        for (int i = 0; i < one.length; i++) {
            product += (one[i] - ones) * (other[i] - others);
            square += (one[i] - ones) * (one[i] - ones);
            otherSquare += (other[i] - others) * (other[i] - others);
        }
        return product / Math.sqrt(square * otherSquare);
    }
}
