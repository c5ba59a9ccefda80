package fluidframe.core.music.analysis;

import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.IntStream;

/**
 * The parts of a song: bars are compared with one another by their tones, their loudness and what is struck, and a border is where
 * the bars after it are like each other and unlike those before.
 */
final class Sections {
    private static final int PHRASE = 8;
    private static final int HALF_PHRASE = 4;
    /** How much more a border counts where a phrase, or half of one, is over. */
    private static final double AT_PHRASE = 1.25;

    private static final double ELSEWHERE = 0.7;
    /** A border that tells no more than this is none. */
    private static final double LEAST = 0.12;

    private static final int SHORTEST = 4;
    /** A song has at most 60 parts. */
    private static final int MOST_BORDERS = 59;
    /** A border less than a phrase from another tells at least this share of it. */
    private static final double BESIDE = 0.6;
    /** Borders that tell so much leave no doubt. */
    private static final double SURE = 0.6;
    /** Parts that differ by no more than this have the same letter. */
    private static final double SAME = 0.25;
    /** An ending is softer than this share of the whole, or short. */
    private static final double SOFT = 0.6;
    /** Slots of a bar in which what is struck is counted. */
    private static final int SLOTS = 8;

    private static final double WEIGHT_LOUD = 0.8;
    private static final double WEIGHT_STRUCK = 0.7;

    private static final String FREE = "Out of time";

    private Sections() {}

    /**
     * What was found.
     *
     * @param sections at least one
     * @param sure 0 where no border stands out, towards 1 where all do
     */
    record Found(List<Song.Section> sections, double sure) {
        /** With the passages out of time as parts of their own. */
        Found without(List<Steadiness.Passage> free) {
            List<Song.Section> parts = new ArrayList<>();
            int bar = 0;
            for (Song.Section section : sections) {
                int at = bar;
                bar += section.bars();
                for (Steadiness.Passage passage : free) {
                    if (passage.to() <= at || passage.from() >= bar) continue;
                    if (passage.from() > at)
                        parts.add(new Song.Section(section.name(), passage.from() - at, section.kind()));
                    int end = Math.min(bar, passage.to());
                    int begun = Math.max(at, passage.from());
                    Song.Section last = parts.isEmpty() ? null : parts.get(parts.size() - 1);
                    if (passage.from() < begun && last != null && last.name().equals(FREE)) {
                        parts.remove(parts.size() - 1);
                        begun = passage.from();
                    }
                    parts.add(new Song.Section(FREE, end - begun, Song.Kind.DANCE));
                    at = end;
                }
                if (at < bar) parts.add(new Song.Section(section.name(), bar - at, section.kind()));
            }
            // Better unnamed than no song at all.
            return parts.size() > MOST_BORDERS + 1 ? this : new Found(parts, sure);
        }
    }

    static Found of(BeatSound sound, Onsets onsets, List<Double> beats, int one, int beatsPerBar) {
        int bars = Math.max(1, Math.min(Song.MOST_BARS, (beats.size() - one) / beatsPerBar));
        if (bars < 2 * SHORTEST) return new Found(List.of(new Song.Section("Part A", bars, Song.Kind.DANCE)), 0);
        double[][] features = features(sound, onsets, beats, one, beatsPerBar, bars);
        double[] novelty = novelty(features);
        List<Integer> borders = borders(novelty);
        double sure = borders.isEmpty()
                ? 0
                : borders.stream().mapToDouble(bar -> novelty[bar]).average().orElse(0) / SURE;
        return new Found(named(features, borders, loudnessOfBars(sound, one, beatsPerBar, bars)), Math.min(1, sure));
    }

    private static double[][] features(
            BeatSound sound, Onsets onsets, List<Double> beats, int one, int beatsPerBar, int bars) {
        double[] loud = loudnessOfBars(sound, one, beatsPerBar, bars);
        double usual = Arrays.stream(loud).average().orElse(1);
        double[][] features = new double[bars][];
        for (int bar = 0; bar < bars; bar++) {
            int first = one + bar * beatsPerBar;
            double[] tones = unit(sound.tones(first, first + beatsPerBar));
            double end = first + beatsPerBar < beats.size()
                    ? beats.get(first + beatsPerBar)
                    : beats.get(first + beatsPerBar - 1)
                            + (beats.get(first + beatsPerBar - 1) - beats.get(first + beatsPerBar - 2));
            double[] struck = unit(struck(onsets, beats.get(first), end));
            double[] all = new double[tones.length + struck.length + 1];
            System.arraycopy(tones, 0, all, 0, tones.length);
            for (int i = 0; i < struck.length; i++) all[tones.length + i] = struck[i];
            all[all.length - 1] = usual > 0 ? loud[bar] / usual : 0;
            features[bar] = all;
        }
        return features;
    }

    private static double[] struck(Onsets onsets, double from, double to) {
        double[] slots = new double[2 * SLOTS];
        for (int slot = 0; slot < SLOTS; slot++) {
            int first = (int) Math.round((from + (to - from) * slot / SLOTS) * Onsets.PER_SECOND) - 2;
            int last = (int) Math.round((from + (to - from) * (slot + 1) / SLOTS) * Onsets.PER_SECOND) - 2;
            for (int step = Math.max(0, first); step < Math.min(last, onsets.steps()); step++) {
                slots[slot] += onsets.all()[step];
                slots[SLOTS + slot] += onsets.bass()[step];
            }
        }
        return slots;
    }

    private static double[] unit(double[] values) {
        double length = Math.sqrt(Arrays.stream(values).map(v -> v * v).sum());
        return length < 1e-9
                ? values
                : Arrays.stream(values).map(v -> v / length).toArray();
    }

    private static double[] loudnessOfBars(BeatSound sound, int one, int beatsPerBar, int bars) {
        double[] loud = new double[bars];
        for (int bar = 0; bar < bars; bar++) {
            int first = one + bar * beatsPerBar;
            loud[bar] = Arrays.stream(sound.loudness(), first, first + beatsPerBar)
                    .average()
                    .orElse(0);
        }
        return loud;
    }

    /**
     * How unlike the bars before each border, taken together, are to those after it: the tones of a phrase with those of the next,
     * since every chord comes in both, and how they are played with fewer bars, since that changes at once.
     */
    private static double[] novelty(double[][] features) {
        double[] novelty = new double[features.length];
        for (int border = 1; border < features.length; border++) {
            novelty[border] = around(features, border, PHRASE, Sections::harmony)
                    + around(features, border, HALF_PHRASE, Sections::manner);
        }
        return novelty;
    }

    private static double around(
            double[][] features, int border, int most, ToDoubleBiFunction<double[], double[]> unlike) {
        int around = Math.min(most, Math.min(border, features.length - border));
        if (around < 2) return 0;
        double[] before = mean(features, border - around, border);
        double[] after = mean(features, border, border + around);
        return unlike.applyAsDouble(before, after) * Math.sqrt(around / (double) most);
    }

    private static double harmony(double[] one, double[] other) {
        return 1 - BeatSound.likeness(centred(one, 0, BeatSound.TONES), centred(other, 0, BeatSound.TONES));
    }

    private static double manner(double[] one, double[] other) {
        int loudness = one.length - 1;
        double struck = 1
                - BeatSound.likeness(
                        centred(one, BeatSound.TONES, loudness), centred(other, BeatSound.TONES, loudness));
        double quiet = Math.max(0.05, Math.min(one[loudness], other[loudness]));
        double louder = Math.log(Math.max(quiet, Math.max(one[loudness], other[loudness])) / quiet);
        return WEIGHT_STRUCK * struck + WEIGHT_LOUD * Math.min(1, louder);
    }

    private static double[] centred(double[] all, int from, int to) {
        double mean = Arrays.stream(all, from, to).average().orElse(0);
        return Arrays.stream(all, from, to).map(v -> v - mean).toArray();
    }

    /** The borders that tell most, none too near to another. */
    private static List<Integer> borders(double[] novelty) {
        List<Integer> borders = new ArrayList<>();
        double[] told = new double[novelty.length];
        for (int bar = 1; bar < told.length; bar++) {
            double place = bar % PHRASE == 0 ? AT_PHRASE : bar % HALF_PHRASE == 0 ? 1 : ELSEWHERE;
            boolean peak =
                    novelty[bar] >= novelty[bar - 1] && novelty[bar] >= novelty[Math.min(novelty.length - 1, bar + 1)];
            if (peak) told[bar] = novelty[bar] * place;
        }
        List<Integer> strongest = IntStream.range(1, told.length)
                .filter(bar -> told[bar] >= LEAST)
                .boxed()
                .sorted(Comparator.comparingDouble(bar -> -told[bar]))
                .toList();
        for (int bar : strongest) {
            boolean stands = borders.stream().allMatch(other -> {
                int apart = Math.abs(other - bar);
                return apart >= PHRASE || apart >= SHORTEST && told[bar] >= BESIDE * told[other];
            });
            if (stands && borders.size() < MOST_BORDERS) borders.add(bar);
        }
        borders.removeIf(border -> Math.min(border, novelty.length - border) < HALF_PHRASE - 1);
        borders.sort(null);
        return borders;
    }

    private static List<Song.Section> named(double[][] features, List<Integer> borders, double[] loud) {
        List<Integer> edges = new ArrayList<>(borders);
        edges.add(0, 0);
        edges.add(features.length);
        List<double[]> known = new ArrayList<>();
        List<Song.Section> sections = new ArrayList<>();
        double usual = Arrays.stream(loud).average().orElse(0);
        for (int i = 0; i + 1 < edges.size(); i++) {
            int from = edges.get(i);
            int to = edges.get(i + 1);
            boolean soft = Arrays.stream(loud, from, to).average().orElse(0) < SOFT * usual;
            boolean first = i == 0 && edges.size() > 2 && soft;
            boolean last = i + 2 == edges.size() && edges.size() > 2 && soft;
            if (first || last) {
                Song.Kind kind = first ? Song.Kind.INTRODUCTION : Song.Kind.ENDING;
                sections.add(new Song.Section(first ? "Introduction" : "Ending", to - from, kind));
                continue;
            }
            double[] mean = mean(features, from, to);
            int letter = 0;
            while (letter < known.size() && harmony(known.get(letter), mean) + manner(known.get(letter), mean) > SAME)
                letter++;
            if (letter == known.size()) known.add(mean);
            String name = "Part " + (char) ('A' + Math.min(letter, 25));
            sections.add(new Song.Section(name, to - from, Song.Kind.DANCE));
        }
        return sections;
    }

    private static double[] mean(double[][] features, int from, int to) {
        double[] mean = new double[features[0].length];
        for (int bar = from; bar < to; bar++) {
            for (int i = 0; i < mean.length; i++) mean[i] += features[bar][i] / (to - from);
        }
        return mean;
    }
}
