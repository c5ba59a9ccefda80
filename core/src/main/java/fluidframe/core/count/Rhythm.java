package fluidframe.core.count;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    private final List<Beats> onsets;

    private Rhythm(Dance dance, List<Count> counts) {
        this.dance = dance;
        this.counts = List.copyOf(counts);
        this.beats = durations(dance, this.counts);
        List<Beats> sums = new ArrayList<>(List.of(Beats.ZERO));
        beats.forEach(length -> sums.add(sums.get(sums.size() - 1).plus(length)));
        this.onsets = List.copyOf(sums);
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
        Beats held = Beats.of(count.heldBeats());
        if (count.kind() == Count.Kind.A) return held.plus(quarter);
        if (count.kind() == Count.Kind.AND && held.isZero()) return next == Count.Kind.A ? quarter : half;
        if (count.kind() == Count.Kind.AND) {
            return held.plus(next == Count.Kind.AND ? Beats.ZERO : next == Count.Kind.A ? quarter : half);
        }
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

    /**
     * The same lengths counted in beat numbers, beginning {@code start} beats into a bar; empty if a row begins where no
     * word of a count falls (a third of a beat) or lasts as no word does.
     */
    public static Optional<Rhythm> inBeats(Dance dance, Beats start, List<Beats> lengths) {
        List<Count> counts = new ArrayList<>();
        Beats at = start;
        for (Beats length : lengths) {
            Beats into = at.remainder(Beats.ONE);
            int held = length.minus(length.remainder(Beats.ONE)).dividedBy(Beats.ONE);
            boolean wholeEnd = at.plus(length).remainder(Beats.ONE).isZero();
            if (into.isZero()) {
                int beat = at.remainder(dance.bar()).dividedBy(Beats.ONE) + 1;
                counts.add(new Count(Count.Kind.BEAT, beat, wholeEnd ? Math.max(held - 1, 0) : held));
            } else if (into.equals(Beats.HALF)) {
                counts.add(new Count(Count.Kind.AND, 0, held));
            } else {
                counts.add(new Count(Count.Kind.A, 0, held));
            }
            at = at.plus(length);
        }
        return of(dance, counts).lasting(lengths);
    }

    /** The same lengths counted in slows and quicks; empty where the dance has none or a length is neither. */
    public static Optional<Rhythm> inSlowsAndQuicks(Dance dance, List<Beats> lengths) {
        if (!dance.countsSlowAndQuick()) return Optional.empty();
        List<Count> counts = new ArrayList<>();
        Beats half = dance.quick().halved();
        Beats quarter = half.halved();
        boolean owed = false;
        for (Beats length : lengths) {
            Count.Kind kind;
            if (owed && length.equals(half)) kind = Count.Kind.AND;
            else if (owed && length.equals(quarter)) kind = Count.Kind.A;
            else if (length.equals(dance.slow())) kind = Count.Kind.SLOW;
            else kind = Count.Kind.QUICK;
            owed = kind == Count.Kind.QUICK && !length.equals(dance.quick());
            counts.add(new Count(kind, 0, 0));
        }
        return of(dance, counts).lasting(lengths);
    }

    private Optional<Rhythm> lasting(List<Beats> lengths) {
        return beats.equals(lengths) ? Optional.of(this) : Optional.empty();
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
        return onsets.get(index);
    }

    /** The onsets of all rows, in order. */
    public List<Beats> onsets() {
        return onsets.subList(0, counts.size());
    }

    public List<Count> counts() {
        return counts;
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
