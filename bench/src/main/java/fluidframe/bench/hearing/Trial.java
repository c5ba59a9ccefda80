package fluidframe.bench.hearing;

import fluidframe.core.band.Band;
import fluidframe.core.band.Rendering.Shade;
import fluidframe.core.count.Dance;
import fluidframe.core.music.Song;
import fluidframe.core.music.analysis.DanceLikeness;
import fluidframe.core.music.analysis.Heard;
import fluidframe.core.music.analysis.Hearing;
import fluidframe.library.shipped.Bands;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A recording in which the place of every beat is known, to be listened to.
 *
 * @param pace by what the usual tempo of the dance is multiplied
 * @param manner one of {@link #MANNERS}
 */
record Trial(Dance dance, double pace, String manner) {
    static final Map<String, HouseRecording.Manner> MANNERS =
            new LinkedHashMap<>(Map.of("plain", HouseRecording.Manner.PLAIN));

    static {
        MANNERS.put("soft", new HouseRecording.Manner(0.05, 0, 0, 1, 0, 0, 0));
        MANNERS.put("loud", new HouseRecording.Manner(0.99, 0, 0, 1, 0, 0, 0));
        MANNERS.put("noise", new HouseRecording.Manner(0.8, 0.03, 0, 1, 0, 0, 0));
        MANNERS.put("drift", new HouseRecording.Manner(0.8, 0, 0.03, 1, 0, 0, 0));
        MANNERS.put("change", new HouseRecording.Manner(0.8, 0, 0, 1.1, 0, 0, 0));
        MANNERS.put("free", new HouseRecording.Manner(0.8, 0, 0, 1, 7, 0, 0));
        MANNERS.put("pause", new HouseRecording.Manner(0.8, 0, 0, 1, 0, 6.3, 0));
        MANNERS.put("speech", new HouseRecording.Manner(0.8, 0, 0, 1, 0, 0, 1));
    }

    /** How far from where it was played a beat may be heard. */
    private static final double NEAR_SECONDS = 0.05;

    private static final double SAME_TEMPO = 0.015;
    private static final double TO_THE_BAR = 1.05;
    private static final int AMONG = 3;
    private static final int MOVED = 15;
    private static final double MOST = 0.9;

    private static final Map<Dance, Band> BANDS = Bands.load();
    /** Parts by how the band plays them: half tones up, how loud, with drums. */
    private static final List<Shade> PARTS = parts();

    private static final List<Integer> BORDERS = List.of(4, 20, 36, 44);

    /**
     * What was right of one.
     *
     * @param beats the share of those played that were heard within 50 ms
     * @param extra the share of those heard, from the first played to the last, that were not played
     * @param off by how many milliseconds, in the mean, those that were heard are off
     */
    record Told(double beats, double extra, double off, boolean tempo, boolean one, double borders, boolean dance) {}

    /** What any program that hears beats can be asked: the share of beats met, of those heard too many, and the tempo. */
    record Beats(double met, double extra, boolean tempo) {}

    private static List<Shade> parts() {
        List<Shade> parts = new ArrayList<>();
        for (int bar = 0; bar < 4; bar++) parts.add(new Shade(bar, 0, 0.45, false));
        for (int bar = 0; bar < 16; bar++) parts.add(new Shade(bar, 0, 1, true));
        for (int bar = 0; bar < 16; bar++) parts.add(new Shade(bar, 5, 1, true));
        for (int bar = 0; bar < 8; bar++) parts.add(new Shade(bar, 0, 1, true));
        for (int bar = 0; bar < 4; bar++) parts.add(new Shade(bar, 0, 0.45, false));
        return parts;
    }

    /** Every dance in every manner, and at 80 to 120 % of its tempo. */
    static List<Trial> all() {
        List<Trial> trials = new ArrayList<>();
        for (Dance dance : BANDS.keySet()) {
            for (String manner : MANNERS.keySet()) trials.add(new Trial(dance, 1, manner));
            for (double pace : new double[] {0.8, 0.9, 1.1, 1.2}) trials.add(new Trial(dance, pace, "plain"));
        }
        return trials;
    }

    String row() {
        return pace == 1 ? manner : "at " + Math.round(100 * pace) + " %";
    }

    private HouseRecording.Manner how() {
        return MANNERS.get(manner);
    }

    private double barsPerMinute() {
        return pace * (dance.slowestBarsPerMinute() + dance.fastestBarsPerMinute()) / 2.0;
    }

    HouseRecording played() {
        return new HouseRecording(BANDS.get(dance), barsPerMinute() * dance.beatsPerBar(), PARTS, how(), 7);
    }

    /** How many of the beats played were heard, and how many that were not. */
    Beats beats(HouseRecording played, List<Double> heard) {
        List<Double> beats = played.beats();
        double from = beats.get(0) - NEAR_SECONDS;
        double to = beats.get(beats.size() - 1) + NEAR_SECONDS;
        List<Double> within =
                heard.stream().filter(beat -> beat >= from && beat <= to).toList();
        List<Double> inTime = within.stream()
                .filter(beat -> !played.isPause(beat - NEAR_SECONDS) && !played.isPause(beat + NEAR_SECONDS))
                .toList();
        return new Beats(
                share(beats, within), 1 - share(inTime, beats), isTempo(tempoOf(within) / dance.beatsPerBar()));
    }

    /** The same where all may be earlier or later by as much as suits them best, up to 150 ms: what begins is told in many ways. */
    Beats beatsMoved(HouseRecording played, List<Double> heard) {
        return IntStream.rangeClosed(-MOVED, MOVED)
                .mapToObj(hundredths -> beats(
                        played,
                        heard.stream().map(beat -> beat + hundredths / 100.0).toList()))
                .max(Comparator.comparingDouble(Beats::met))
                .orElseThrow();
    }

    /** The share of some that are near one of others. */
    private static double share(List<Double> some, List<Double> others) {
        if (some.isEmpty()) return 0;
        long near = some.stream()
                .filter(one -> others.stream().anyMatch(other -> Math.abs(one - other) <= NEAR_SECONDS))
                .count();
        return near / (double) some.size();
    }

    /** By how many milliseconds, in the mean, beats that are near one that was played are off. */
    private static double off(List<Double> played, List<Double> heard) {
        return 1000
                * played.stream()
                        .mapToDouble(beat -> heard.stream()
                                .mapToDouble(own -> Math.abs(own - beat))
                                .min()
                                .orElse(1))
                        .filter(off -> off <= NEAR_SECONDS)
                        .average()
                        .orElse(0);
    }

    /** Beats a minute by the middle distance between two. */
    private static double tempoOf(List<Double> beats) {
        if (beats.size() < 2) return 0;
        double[] apart = IntStream.range(1, beats.size())
                .mapToDouble(i -> beats.get(i) - beats.get(i - 1))
                .sorted()
                .toArray();
        int from = apart.length / 4;
        return 60
                / Arrays.stream(apart, from, Math.max(from + 1, apart.length * 3 / 4))
                        .average()
                        .orElseThrow();
    }

    private boolean isTempo(double heard) {
        double low = barsPerMinute() * (1 - SAME_TEMPO);
        return heard > low && heard < barsPerMinute() * how().change() * (1 + SAME_TEMPO);
    }

    /** Whether most ones that were heard are ones that were played, also after a passage out of time. */
    private static boolean isOne(HouseRecording played, Heard heard) {
        List<Double> beats = played.beats();
        List<Integer> ones = IntStream.iterate(
                        heard.firstOne(), i -> i < heard.beats().size(), i -> i + heard.beatsPerBar())
                .map(i -> nearest(beats, heard.beats().get(i)))
                .filter(i -> i > 0 && i + 1 < beats.size())
                .boxed()
                .toList();
        long right = ones.stream().filter(i -> i % heard.beatsPerBar() == 0).count();
        return right >= MOST * ones.size();
    }

    private static int nearest(List<Double> beats, double second) {
        return IntStream.range(0, beats.size())
                .reduce((a, b) -> Math.abs(beats.get(a) - second) <= Math.abs(beats.get(b) - second) ? a : b)
                .orElseThrow();
    }

    /** The share of the borders played that were heard within a bar, wherever its first bar is. */
    private double borders(HouseRecording played, Hearing hearing) {
        int beatsPerBar = dance.beatsPerBar();
        Song song = hearing.song("x", "x", played.recording().seconds()).orElseThrow();
        List<Double> heard = song.beginnings().stream()
                .skip(1)
                .map(bar -> song.recording().orElseThrow().secondsAt((bar - 1.0) * beatsPerBar))
                .toList();
        long met = BORDERS.stream()
                .filter(bar -> {
                    double second = played.beats().get(bar * beatsPerBar);
                    double within = TO_THE_BAR * (played.beats().get((bar + 1) * beatsPerBar) - second);
                    return heard.stream().anyMatch(own -> Math.abs(own - second) <= within);
                })
                .count();
        return met / (double) BORDERS.size();
    }

    Told told(HouseRecording played) {
        Hearing hearing = Hearing.of(played.recording(), dance, share -> {});
        Heard heard = hearing.heard();
        List<DanceLikeness> ranked = DanceLikeness.ranked(played.recording(), BANDS.values());
        Beats beats = beats(played, heard.beats());
        return new Told(
                beats.met(),
                beats.extra(),
                off(played.beats(), heard.beats()),
                isTempo(heard.barsPerMinute()),
                isOne(played, heard),
                borders(played, hearing),
                // At other tempos it is another dance.
                pace != 1 || ranked.stream().limit(AMONG).anyMatch(each -> each.dance() == dance));
    }
}
