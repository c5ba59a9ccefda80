package fluidframe.core.count;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A word of a count as it is said aloud.
 *
 * @param word in lower case: a number to twelve, and, a, slow, quick, or cha
 * @param beat when it falls
 */
public record SpokenCount(String word, Beats beat) {
    private static final List<String> NUMBERS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final List<String> OTHERS = List.of("and", "a", "slow", "quick", "cha");

    private static final Beats LAST_QUARTER = Beats.of(3, 4);

    /**
     * What is said on a row, in any language of counting. The first word falls on its onset; of several each falls on the beat,
     * the half or the last quarter that it names. A coach's own words, which no voice knows, are passed over.
     *
     * @param onset beats from the first of a bar
     */
    public static List<SpokenCount> of(String said, Beats onset) {
        List<SpokenCount> spoken = new ArrayList<>();
        Beats at = onset;
        boolean first = true;
        // A count with what it lasts, such as 4.1, names the beats one after another.
        for (String written : said.trim().split("[\\s.]+")) {
            String word = word(written);
            if (word.isEmpty()) continue;
            if (!first) at = after(at, word);
            first = false;
            spoken.add(new SpokenCount(word, at));
        }
        return spoken;
    }

    private static Beats after(Beats before, String word) {
        Beats whole = before.minus(before.remainder(Beats.ONE));
        Beats into = word.equals("and") ? Beats.HALF : word.equals("a") ? LAST_QUARTER : Beats.ZERO;
        Beats at = whole.plus(into);
        return at.compareTo(before) > 0 ? at : at.plus(Beats.ONE);
    }

    private static String word(String written) {
        String text = written.toLowerCase(Locale.ROOT);
        switch (text) {
            case "s":
                return "slow";
            case "q":
                return "quick";
            case "&":
                return "and";
            default:
                if (NUMBERS.contains(text) || OTHERS.contains(text)) return text;
                return text.matches("\\d{1,2}") ? number(Integer.parseInt(text)) : "";
        }
    }

    static String number(int number) {
        return number >= 1 && number <= NUMBERS.size() ? NUMBERS.get(number - 1) : "";
    }
}
