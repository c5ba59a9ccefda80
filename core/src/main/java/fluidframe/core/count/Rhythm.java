package fluidframe.core.count;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The counts of consecutive rows in one dance, with the exact beats each lasts and the beat it starts on. A split word
 * takes its share from the beat before: {@code 1 2 & 3} lasts 1, 1/2, 1/2, 1 and {@code 1 a 2} lasts 3/4, 1/4, 1.
 */
public final class Rhythm {
    private final Dance dance;
    private final List<Count> counts;
    private final List<Beats> beats;

    private Rhythm(Dance dance, List<Count> counts) {
        this.dance = dance;
        this.counts = List.copyOf(counts);
        this.beats = durations(dance, this.counts);
    }

    public static Rhythm of(Dance dance, List<Count> counts) {
        return new Rhythm(dance, counts);
    }

    /** Reads words with spaces between, such as {@code "1 2 & 3"}; the inverse of {@link #toString()}. */
    public static Rhythm parse(Dance dance, String text) {
        if (text.isBlank()) throw new IllegalArgumentException("A rhythm must have at least one count");
        return new Rhythm(
                dance, Stream.of(text.trim().split("\\s+")).map(Count::parse).toList());
    }

    private static List<Beats> durations(Dance dance, List<Count> counts) {
        List<Beats> beats = new ArrayList<>();
        for (int i = 0; i < counts.size(); i++) {
            beats.add(duration(dance, counts, i));
        }
        return List.copyOf(beats);
    }

    private static Beats duration(Dance dance, List<Count> counts, int index) {
        Count count = counts.get(index);
        Count.Kind next = index + 1 < counts.size() ? counts.get(index + 1).kind() : Count.Kind.BEAT;
        Beats unit = unit(dance, counts, index);
        Beats half = unit.halved();
        Beats quarter = half.halved();
        if (count.kind() == Count.Kind.A) return quarter;
        if (count.kind() == Count.Kind.AND) return next == Count.Kind.A ? quarter : half;
        Beats held = Beats.of(count.heldBeats());
        if (next == Count.Kind.AND) return held.plus(half);
        if (next == Count.Kind.A) return held.plus(unit.minus(quarter));
        return held.plus(unit);
    }

    /** The beat that a split word divides: one beat for numbers, else the slow or quick before it. */
    private static Beats unit(Dance dance, List<Count> counts, int index) {
        for (int i = index; i >= 0; i--) {
            Count.Kind kind = counts.get(i).kind();
            if (kind == Count.Kind.SLOW) return dance.slow();
            if (kind == Count.Kind.QUICK) return dance.quick();
            if (kind == Count.Kind.BEAT) return Beats.ONE;
        }
        return Beats.ONE;
    }

    public Dance dance() {
        return dance;
    }

    public int size() {
        return counts.size();
    }

    public Count count(int index) {
        return counts.get(index);
    }

    /** How long row {@code index} (from 0) lasts. */
    public Beats beats(int index) {
        return beats.get(index);
    }

    /** Beats from the start of the figure to the start of row {@code index} (from 0, up to and including the size). */
    public Beats onset(int index) {
        return beats.subList(0, index).stream().reduce(Beats.ZERO, Beats::plus);
    }

    public Beats total() {
        return onset(counts.size());
    }

    /**
     * Where the number counted differs from the beat on which the rows before it put it: the first row at which words
     * and sums part, or -1 if they agree throughout. The first numbered row sets the starting beat.
     */
    public int firstMisplaced() {
        Beats shift = null;
        for (int i = 0; i < counts.size(); i++) {
            Count count = counts.get(i);
            if (count.kind() != Count.Kind.BEAT) {
                if (count.isSplit() && i == 0) return 0;
                continue;
            }
            Beats said = Beats.of(count.beat() - 1);
            Beats danced = onset(i).plus(shift == null ? Beats.ZERO : shift);
            if (shift == null) {
                shift = said.plus(dance.bar())
                        .minus(danced.remainder(dance.bar()))
                        .remainder(dance.bar());
            } else if (!danced.remainder(dance.bar()).equals(said)) {
                return i;
            }
        }
        return -1;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Rhythm rhythm && dance == rhythm.dance && counts.equals(rhythm.counts);
    }

    @Override
    public int hashCode() {
        return counts.hashCode();
    }

    @Override
    public String toString() {
        return counts.stream().map(count -> count.text(dance.beatsPerBar())).collect(Collectors.joining(" "));
    }
}
