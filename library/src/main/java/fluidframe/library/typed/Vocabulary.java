package fluidframe.library.typed;

import fluidframe.core.chart.Column;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.TurnText;
import fluidframe.core.step.Placement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The usual contents of every column with the short code that a coach types, for completion while editing. */
public final class Vocabulary {
    /**
     * One entry.
     *
     * @param code what is typed, without spaces
     * @param text the canonical short form it stands for
     */
    public record Word(String code, String text) {}

    /** By column and code; of two words with one code the first counts. */
    private static final Map<String, Map<String, String>> CODES = columns().entrySet().stream()
            .collect(Collectors.toMap(
                    Map.Entry::getKey,
                    column -> column.getValue().stream()
                            .collect(Collectors.toMap(
                                    word -> word.code().toLowerCase(Locale.ROOT),
                                    Word::text,
                                    (first, second) -> first))));

    private Vocabulary() {}

    /** What a short code of a column stands for; what is no code stands for itself. */
    public static String meant(Column column, String word) {
        return CODES.getOrDefault(column.key(), Map.of())
                .getOrDefault(word.strip().toLowerCase(Locale.ROOT), word);
    }

    /** The columns by their keys in the chart format, in chart order. */
    public static Map<String, List<Word>> columns() {
        Map<String, List<Word>> columns = new LinkedHashMap<>();
        columns.put("count", plain("1", "2", "3", "4", "&", "a", "S", "Q"));
        columns.put("foot", plain("L", "R"));
        columns.put("place", placements());
        columns.put("align", alignments());
        columns.put("turn", turns());
        columns.put(
                "work",
                plain("HT", "TH", "T", "H", "HF", "THT", "B", "BF", "IE T", "IE WF", "WF", "BH", "F", "BF HR", "HB"));
        columns.put(
                "rise",
                List.of(
                        new Word("e", "commence at end"),
                        new Word("en", "commence at end, NFR"),
                        new Word("k", "commence"),
                        new Word("c", "continue"),
                        new Word("cl", "continue, lower at end"),
                        new Word("u", "up"),
                        new Word("ul", "up, lower at end"),
                        new Word("l", "lower at end"),
                        new Word("-", "none")));
        columns.put("cbm", List.of(new Word("y", "yes"), new Word("s", "slight"), new Word("-", "no")));
        columns.put(
                "sway",
                List.of(
                        new Word("l", "L"),
                        new Word("r", "R"),
                        new Word("s", "straight"),
                        new Word("ll", "L a little"),
                        new Word("rl", "R a little")));
        columns.put(
                "hip",
                List.of(
                        new Word("sr", "settle R"),
                        new Word("sl", "settle L"),
                        new Word("rr", "rotate R"),
                        new Word("rl", "rotate L"),
                        new Word("lr", "lateral R"),
                        new Word("ll", "lateral L"),
                        new Word("tr", "twist R"),
                        new Word("tl", "twist L"),
                        new Word("-", "none")));
        columns.put(
                "bounce",
                List.of(
                        new Word("b", "basic"),
                        new Word("a", "alternative"),
                        new Word("s", "slight"),
                        new Word("-", "none")));
        columns.put(
                "body",
                List.of(
                        new Word("shl", "shape L"),
                        new Word("shr", "shape R"),
                        new Word("stl", "stretch L"),
                        new Word("str", "stretch R"),
                        new Word("-", "none")));
        columns.put(
                "head",
                List.of(
                        new Word("l", "L"),
                        new Word("r", "R"),
                        new Word("a", "ahead"),
                        new Word("p", "to partner"),
                        new Word("-", "none")));
        columns.put("weight", plain("full", "part", "none"));
        columns.put(
                "position",
                Arrays.stream(CouplePosition.values())
                        .map(p -> new Word(initials(p.toString()), p.toString()))
                        .toList());
        columns.put(
                "hold",
                Arrays.stream(Hold.values())
                        .map(h -> new Word(initials(h.toString()), h.toString()))
                        .toList());
        return columns;
    }

    private static List<Word> plain(String... texts) {
        return Stream.of(texts)
                .map(text -> new Word(text.toLowerCase().replace(" ", ""), text))
                .toList();
    }

    /** The first letters of several words, the first three letters of one. */
    private static String initials(String text) {
        if (text.matches("\\w+")) return text.substring(0, 3).toLowerCase();
        StringBuilder initials = new StringBuilder();
        for (String word : text.split("[ -]")) initials.append(word.charAt(0));
        return initials.toString().toLowerCase();
    }

    private static List<Word> placements() {
        List<Word> words = new ArrayList<>();
        for (Placement.Kind kind : Placement.Kind.values()) words.add(new Word(kind.code(), kind.toString()));
        words.add(new Word("fop", "forward in CBMP outside partner"));
        words.add(new Word("bpo", "back in CBMP partner outside"));
        words.add(new Word("fcbmp", "forward in CBMP"));
        words.add(new Word("bcbmp", "back in CBMP"));
        words.add(new Word("facbmp", "forward and across in CBMP"));
        words.add(new Word("cnw", "closes without weight"));
        for (Placement.Kind kind : Placement.Kind.values()) {
            if (!kind.travels()) continue;
            words.add(new Word(kind.code() + "sm", kind + " small"));
            words.add(new Word(kind.code() + "ck", kind + " checked"));
        }
        return words;
    }

    private static List<Word> alignments() {
        List<Word> words = new ArrayList<>();
        String[] codes = {"l", "dw", "w", "dwa", "al", "dca", "c", "dc"};
        for (Alignment.Kind kind : Alignment.Kind.values()) {
            for (int i = 0; i < codes.length; i++) {
                words.add(new Word(
                        kind.toString().charAt(0) + codes[i],
                        Alignment.of(kind, Direction.of(2 * i)).toString()));
            }
        }
        return words;
    }

    private static List<Word> turns() {
        List<Word> words = new ArrayList<>(List.of(
                new Word("br", "begins R"),
                new Word("bl", "begins L"),
                new Word("bc", "body completes"),
                new Word("-", "none")));
        for (int eighths = 1; eighths <= 8; eighths++) {
            for (int side : new int[] {1, -1}) {
                String amount = TurnText.amount(2 * eighths * side);
                String code = eighths + (side > 0 ? "r" : "l");
                words.add(new Word(code, amount));
                words.add(new Word(code + "b", amount + ", body less"));
                if (eighths >= 2) words.add(new Word(code + "p", amount + " pivot"));
                if (eighths >= 2) words.add(new Word(code + "h", amount + " heel turn"));
                words.add(new Word(code + "w", amount + " swivel"));
                if (eighths >= 4) words.add(new Word(code + "i", amount + " spiral"));
                if (eighths >= 3) words.add(new Word(code + "n", amount + " spin"));
            }
        }
        return words;
    }
}
