package fluidframe.core.words;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Says what could have been meant: all of a short list, or of a long one the three words most like what was typed. */
public final class Nearest {
    /** A list as short as this is read at a glance. */
    private static final int SHORT = 8;

    private static final int OFFERED = 3;

    private Nearest() {}

    /** {@code "A hold must be one of double, crossed, none (the nearest of 10), but was \"dubble\""}. */
    public static String refusal(String what, List<String> all, String typed) {
        return what + " must be one of " + choice(all, typed) + ", but was \"" + typed + "\"";
    }

    private static String choice(List<String> all, String typed) {
        if (all.size() <= SHORT) return String.join(", ", all);
        return String.join(", ", of(all, typed)) + " (the nearest of " + all.size() + ")";
    }

    /** The three most like it, the most alike first; among equals in the order of the list. */
    public static List<String> of(List<String> all, String typed) {
        Set<String> pairs = pairs(typed);
        return all.stream()
                .sorted(Comparator.comparingDouble((String word) -> -alike(pairs(word), pairs)))
                .limit(OFFERED)
                .toList();
    }

    /** How alike two words are: from 0 to 1, the share of neighbouring letters that both have. */
    public static double alike(String one, String other) {
        return alike(pairs(one), pairs(other));
    }

    private static double alike(Set<String> one, Set<String> other) {
        Set<String> both = new HashSet<>(one);
        both.retainAll(other);
        return 2.0 * both.size() / Math.max(1, one.size() + other.size());
    }

    private static Set<String> pairs(String text) {
        String letters = " " + text.toLowerCase(Locale.ROOT).strip() + " ";
        Set<String> pairs = new HashSet<>();
        for (int i = 0; i + 1 < letters.length(); i++) pairs.add(letters.substring(i, i + 2));
        return pairs;
    }
}
