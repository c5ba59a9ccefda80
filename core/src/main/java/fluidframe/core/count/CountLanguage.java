package fluidframe.core.count;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The languages in which the same rhythm is counted aloud. The first two can be written in a chart and read back to the
 * same beats; the others are for the floor only.
 */
public enum CountLanguage {
    /** Beat numbers of the bar with {@code &} and {@code a}: {@code 2 3 4 & 1}. */
    BEATS("beat numbers"),
    /** Slows and quicks, where the dance tells them apart: {@code S Q Q}. */
    SLOW_QUICK("slow and quick"),
    /** Slows and quicks, where a step and the tap that completes it are one word, said on the step: {@code S S} for four rows. */
    TAP_INCLUDED("slow and quick, tap included"),
    /** One word a step, for beginners: {@code two three cha cha cha}. */
    TEACHING("teaching count"),
    /** Beat numbers with what lies between the steps said too ({@code &}, {@code a}), for what the body does there. */
    BODY("body count"),
    /** The coach's own words, row by row; where a row has none it says what is charted. */
    OWN("own words");

    /** What a coach writes on a row that is passed over in silence. */
    public static final String SILENCE = "-";

    private static final Beats LAST_QUARTER = Beats.of(3, 4);

    private static final String[] NUMBERS = {
        "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"
    };

    private final String words;

    CountLanguage(String words) {
        this.words = words;
    }

    /** Reads the name, such as {@code "body count"}. */
    public static CountLanguage parse(String text) {
        for (CountLanguage language : values()) {
            if (language.words.equals(text.trim().toLowerCase(Locale.ROOT))) return language;
        }
        throw new IllegalArgumentException("A count must be in one of "
                + String.join(
                        "; ", Stream.of(values()).map(CountLanguage::toString).toList()) + ", but was \"" + text
                + "\"");
    }

    /**
     * What is said on each row; empty if the rhythm cannot be said in this language (waltz time has no slows, a step of
     * three beats is neither slow nor quick).
     *
     * @param start beats from the beginning of a bar to the first row
     * @param own the coach's own words, one a row; blank where there is none
     * @param taps whether a row is a tap that completes the step before it, one a row
     */
    public Optional<List<String>> say(Rhythm rhythm, Beats start, List<String> own, List<Boolean> taps) {
        List<Beats> lengths = new ArrayList<>();
        for (int i = 0; i < rhythm.size(); i++) lengths.add(rhythm.beats(i));
        switch (this) {
            case BEATS:
                return Rhythm.inBeats(rhythm.dance(), start, lengths).map(CountLanguage::written);
            case SLOW_QUICK:
                return Rhythm.inSlowsAndQuicks(rhythm.dance(), lengths).map(CountLanguage::written);
            case TAP_INCLUDED:
                return tapIncluded(rhythm, lengths, taps);
            case OWN:
                return own(rhythm, own);
            case TEACHING:
                return Optional.of(teaching(rhythm, start));
            default:
                return Optional.of(body(rhythm, start));
        }
    }

    /** The same of steps that are just steps, for which nobody has words of his own. */
    public Optional<List<String>> say(Rhythm rhythm, Beats start) {
        return say(
                rhythm,
                start,
                Collections.nCopies(rhythm.size(), ""),
                Collections.nCopies(rhythm.size(), Boolean.FALSE));
    }

    private static Optional<List<String>> tapIncluded(Rhythm rhythm, List<Beats> lengths, List<Boolean> taps) {
        if (!taps.contains(true)) return Optional.empty();
        List<Beats> joined = new ArrayList<>();
        for (int i = 0; i < lengths.size(); i++) {
            if (i > 0 && taps.get(i))
                joined.add(joined.remove(joined.size() - 1).plus(lengths.get(i)));
            else joined.add(lengths.get(i));
        }
        return Rhythm.inSlowsAndQuicks(rhythm.dance(), joined)
                .map(CountLanguage::written)
                .map(words -> {
                    List<String> said = new ArrayList<>();
                    int word = 0;
                    for (int i = 0; i < lengths.size(); i++) said.add(i > 0 && taps.get(i) ? "" : words.get(word++));
                    return said;
                });
    }

    private static Optional<List<String>> own(Rhythm rhythm, List<String> own) {
        if (own.stream().allMatch(String::isBlank)) return Optional.empty();
        List<String> usual = written(rhythm);
        List<String> said = new ArrayList<>();
        for (int i = 0; i < rhythm.size(); i++) {
            String word = own.get(i);
            said.add(word.isBlank() ? usual.get(i) : word.equals(SILENCE) ? "" : word);
        }
        return Optional.of(said);
    }

    private static List<String> written(Rhythm rhythm) {
        int bar = rhythm.dance().beatsPerBar();
        return rhythm.counts().stream().map(count -> count.text(bar)).toList();
    }

    /**
     * In the cha-cha-cha every step of a chasse or lock says the name of the dance; a dance that begins on two says the number
     * of the beat on the others.
     */
    private static List<String> teaching(Rhythm rhythm, Beats start) {
        boolean fromTwo = rhythm.dance().startBeats().get(0) != 1;
        List<String> said = new ArrayList<>();
        int number = 0;
        for (int i = 0; i < rhythm.size(); i++) {
            if (isOfChasse(rhythm, i)) {
                said.add("cha");
            } else if (rhythm.count(i).isSplit()) {
                said.add(rhythm.count(i).kind() == Count.Kind.A ? "a" : "and");
            } else if (fromTwo) {
                Beats into =
                        start.plus(rhythm.onset(i)).remainder(rhythm.dance().bar());
                said.add(NUMBERS[into.dividedBy(Beats.ONE)]);
            } else {
                said.add(NUMBERS[number % NUMBERS.length]);
                number++;
            }
        }
        return said;
    }

    /** Whether a row is one of the three of {@code 4 & 1}: half a beat on the beat, the half between, and the one after. */
    private static boolean isOfChasse(Rhythm rhythm, int row) {
        if (rhythm.dance() != Dance.CHA_CHA && rhythm.dance() != Dance.AMERICAN_CHA_CHA) return false;
        for (int first = Math.max(0, row - 2); first <= row; first++) {
            if (first + 2 < rhythm.size()
                    && !rhythm.count(first).isSplit()
                    && rhythm.beats(first).equals(Beats.HALF)
                    && rhythm.count(first + 1).isSplit()
                    && rhythm.beats(first + 1).equals(Beats.HALF)
                    && !rhythm.count(first + 2).isSplit()) return true;
        }
        return false;
    }

    /** With the half beats between the steps, and the last quarters too where the rhythm steps on any. */
    private static List<String> body(Rhythm rhythm, Beats start) {
        List<Beats> between = new ArrayList<>(List.of(Beats.ZERO, Beats.HALF));
        boolean quarters = rhythm.onsets().stream()
                .map(onset -> start.plus(onset).remainder(Beats.ONE))
                .anyMatch(into -> !into.isZero() && !into.equals(Beats.HALF));
        if (quarters) between.add(LAST_QUARTER);
        List<String> said = new ArrayList<>();
        for (int i = 0; i < rhythm.size(); i++) {
            Beats at = start.plus(rhythm.onset(i));
            Beats end = at.plus(rhythm.beats(i));
            StringBuilder words = new StringBuilder(said(at, rhythm.dance()));
            Beats beat = at.minus(at.remainder(Beats.ONE));
            while (beat.compareTo(end) < 0) {
                for (Beats into : between) {
                    Beats next = beat.plus(into);
                    if (next.compareTo(at) > 0 && next.compareTo(end) < 0) {
                        words.append(' ').append(said(next, rhythm.dance()));
                    }
                }
                beat = beat.plus(Beats.ONE);
            }
            said.add(words.toString());
        }
        return said;
    }

    private static String said(Beats at, Dance dance) {
        Beats into = at.remainder(Beats.ONE);
        if (into.isZero()) return Integer.toString(at.remainder(dance.bar()).dividedBy(Beats.ONE) + 1);
        return into.equals(Beats.HALF) ? "&" : "a";
    }

    @Override
    public String toString() {
        return words;
    }
}
