package fluidframe.core.count;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The word said on one step: a beat number ({@code 1} to {@code 12}), beats held together ({@code 4.1}), a slow or a
 * quick, or the half ({@code &}) and last quarter ({@code a}) of the beat before, held on over whole beats where it is
 * written {@code &+1}.
 *
 * @param kind what sort of word
 * @param beat the number of the beat in the bar, from 1; 0 unless {@link Kind#BEAT}
 * @param heldBeats how many beats are held after the first, 0 to 7; not with a slow or a quick
 */
public record Count(Kind kind, int beat, int heldBeats) {
    /** The sorts of word. */
    public enum Kind {
        BEAT,
        SLOW,
        QUICK,
        AND,
        A
    }

    private static final Pattern NUMBER = Pattern.compile("(\\d{1,2})((?:\\.\\d{1,2})*)");
    private static final Pattern SPLIT = Pattern.compile("(&|[aA])\\+(\\d)");

    public Count {
        if (kind == Kind.BEAT && (beat < 1 || beat > 12)) {
            throw new IllegalArgumentException("A counted beat must be from 1 to 12, but was " + beat);
        }
        boolean word = kind == Kind.SLOW || kind == Kind.QUICK;
        if (heldBeats < 0 || heldBeats > 7 || word && heldBeats != 0 || kind != Kind.BEAT && beat != 0) {
            throw new IllegalArgumentException("Only a counted beat or a split can be held, for up to 7 more beats");
        }
    }

    /** Reads {@code "1"}, {@code "4.1"}, {@code "S"}, {@code "Q"}, {@code "&"} or {@code "a"}. */
    public static Count parse(String text) {
        String word = text.trim();
        switch (word.toUpperCase(Locale.ROOT)) {
            case "S", "SLOW":
                return new Count(Kind.SLOW, 0, 0);
            case "Q", "QUICK":
                return new Count(Kind.QUICK, 0, 0);
            case "&", "AND":
                return new Count(Kind.AND, 0, 0);
            case "A":
                return new Count(Kind.A, 0, 0);
            default:
                return parseNumber(word, text);
        }
    }

    private static Count parseNumber(String word, String text) {
        Matcher split = SPLIT.matcher(word);
        if (split.matches()) {
            return new Count(split.group(1).equals("&") ? Kind.AND : Kind.A, 0, Integer.parseInt(split.group(2)));
        }
        Matcher matcher = NUMBER.matcher(word);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "A count must be a beat number such as 1 or 4.1, or S, Q, &, a or &+1, but was \"" + text + "\"");
        }
        int held = (int) matcher.group(2).chars().filter(c -> c == '.').count();
        return new Count(Kind.BEAT, Integer.parseInt(matcher.group(1)), held);
    }

    /** Whether this word divides the beat of the word before it. */
    public boolean isSplit() {
        return kind == Kind.AND || kind == Kind.A;
    }

    /** The word; held beats are printed running on from the number and wrapping at {@code beatsPerBar}. */
    public String text(int beatsPerBar) {
        switch (kind) {
            case SLOW:
                return "S";
            case QUICK:
                return "Q";
            case AND:
                return heldBeats == 0 ? "&" : "&+" + heldBeats;
            case A:
                return heldBeats == 0 ? "a" : "a+" + heldBeats;
            default:
                StringBuilder words = new StringBuilder().append(beat);
                for (int held = 1; held <= heldBeats; held++) {
                    words.append('.').append((beat + held - 1) % beatsPerBar + 1);
                }
                return words.toString();
        }
    }

    /** As {@link #text} in a bar of four, for messages that know no dance. */
    @Override
    public String toString() {
        return text(Math.max(4, beat));
    }
}
