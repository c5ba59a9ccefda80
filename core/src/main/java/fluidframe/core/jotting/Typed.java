package fluidframe.core.jotting;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.StringJoiner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A line cut into words, of which those that have been understood are taken away. */
final class Typed {
    private static final Pattern PIECE =
            Pattern.compile("\\d{4}-\\d\\d?-\\d\\d?|[\\p{L}\\p{N}][\\p{L}\\p{N}'’/.]*|[,;:]|(?<=\\s)[-–](?=\\s)");

    /** Words that say nothing without what they lead to. */
    static final Set<String> LINKING = Set.of("in", "on", "at", "the", "of", "for", "with", "and", "is", "was");

    private static final Set<String> VERBS = Set.of("is", "was");

    /** A word, plain and in lower case, with the piece of the line between two signs in which it stands. */
    record Word(String plain, int from, int to, int piece) {}

    private final String line;
    private final List<Word> words = new ArrayList<>();
    private final boolean[] taken;

    Typed(String line) {
        this.line = line;
        Matcher matcher = PIECE.matcher(line);
        int piece = 0;
        while (matcher.find()) {
            String text = matcher.group();
            if (!Character.isLetterOrDigit(text.charAt(0))) {
                piece++;
                continue;
            }
            boolean ends = text.endsWith(".");
            String bare = text.replaceAll("\\.+$", "");
            words.add(new Word(plain(bare), matcher.start(), matcher.start() + bare.length(), piece));
            if (ends && bare.length() > 2) piece++;
        }
        taken = new boolean[words.size()];
    }

    /** Lower case, without accents and without the 's of "lady's". */
    static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replace('’', '\'')
                .toLowerCase(Locale.ROOT)
                .replaceAll("'s$", "");
    }

    int size() {
        return words.size();
    }

    /** The plain word; empty beyond either end and where it has been taken. */
    String at(int index) {
        return isFree(index) ? words.get(index).plain() : "";
    }

    int piece(int index) {
        return words.get(index).piece();
    }

    boolean isFree(int index) {
        return index >= 0 && index < words.size() && !taken[index];
    }

    void take(int from, int to) {
        for (int i = from; i < to; i++) taken[i] = true;
    }

    /** The first word that has not been taken; the number of words where all have. */
    int first() {
        int first = 0;
        while (first < words.size() && taken[first]) first++;
        return first;
    }

    /** What has not been taken, a text for each piece of the line; a linking word before a gap goes with what was taken. */
    List<String> rest() {
        Map<Integer, StringJoiner> pieces = new LinkedHashMap<>();
        int from = 0;
        while (from < words.size()) {
            int to = from;
            while (isFree(to) && piece(to) == piece(from)) to++;
            while (from < to && VERBS.contains(words.get(from).plain())) from++;
            int last = to - 1;
            while (last >= from && LINKING.contains(words.get(last).plain())) last--;
            if (last >= from) {
                pieces.computeIfAbsent(piece(from), piece -> new StringJoiner(" "))
                        .add(line.substring(
                                words.get(from).from(), words.get(last).to()));
            }
            from = Math.max(to, from + 1);
        }
        return pieces.values().stream().map(StringJoiner::toString).toList();
    }
}
