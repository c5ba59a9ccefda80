package fluidframe.core.direction;

import fluidframe.core.direction.Turn.Kind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How coaches write turns: amounts as eighths or sixteenths, never as decimals, and the marks beside them. */
public final class TurnText {
    private static final String FRACTION = "(?:(\\d)\\s+)?(\\d{1,2})(?:/(1|2|4|8|16))?";
    private static final Pattern AMOUNT = Pattern.compile(FRACTION + "\\s*(r|l|right|left)\\b\\s*(.*)");
    private static final Pattern BEGINS =
            Pattern.compile("(?:begins?|commences?)(?: to turn)?(?: to)?\\s+(r|l|right|left)");
    private static final Pattern LESS = Pattern.compile("(?:body\\s+)?(?:turns?\\s+)?(?:(1/16|1/8|3/16|1/4)\\s+)?less");
    private static final Pattern COMPLETES = Pattern.compile("(?:body\\s+)?completes?(?:\\s+turn)?");
    private static final Pattern BETWEEN = Pattern.compile("(.*?)\\s*\\bbetween\\s+\\S+\\s+(?:and|&)\\s+\\S+\\s*(.*)");

    private TurnText() {}

    static Turn parse(String text) {
        String words = text.trim().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        if (words.isEmpty() || words.equals("none") || words.equals("nil")) return Turn.NONE;
        int sixteenths = 0;
        int begins = 0;
        int less = 0;
        boolean completes = false;
        Kind kind = Kind.BETWEEN_FEET;
        for (String spoken : words.split("\\s*,\\s*")) {
            String clause = TurnWords.written(spoken);
            Matcher amount = AMOUNT.matcher(clause);
            Matcher begin = BEGINS.matcher(clause);
            Matcher lag = LESS.matcher(clause);
            if (amount.matches() && sixteenths == 0) {
                sixteenths = sixteenths(amount, text) * side(amount.group(4));
                kind = kind(amount.group(5), text);
            } else if (begin.matches()) {
                begins = side(begin.group(1));
            } else if (lag.matches()) {
                less = lag.group(1) == null ? Turn.USUAL_BODY_LESS : sixteenths(lag.group(1));
            } else if (COMPLETES.matcher(clause).matches()) {
                completes = true;
            } else {
                throw refusal(text);
            }
        }
        return new Turn(sixteenths, kind, begins, less, completes);
    }

    private static int sixteenths(Matcher amount, String text) {
        int denominator = amount.group(3) == null ? 1 : Integer.parseInt(amount.group(3));
        int whole = amount.group(1) == null ? 0 : Integer.parseInt(amount.group(1));
        int numerator = Integer.parseInt(amount.group(2));
        if (numerator == 0 && whole == 0) {
            throw new IllegalArgumentException("A turn of nothing is written \"none\", but was \"" + text + "\"");
        }
        return whole * 16 + numerator * (16 / denominator);
    }

    private static int sixteenths(String fraction) {
        String[] parts = fraction.split("/");
        return Integer.parseInt(parts[0]) * 16 / Integer.parseInt(parts[1]);
    }

    private static int side(String word) {
        return word.startsWith("r") ? 1 : -1;
    }

    private static Kind kind(String words, String text) {
        Matcher between = BETWEEN.matcher(words);
        String made = between.matches() ? (between.group(1) + " " + between.group(2)).trim() : words.trim();
        return Arrays.stream(Kind.values())
                .filter(kind -> kind.toString().equals(made))
                .max(Comparator.naturalOrder())
                .orElseThrow(() -> refusal(text));
    }

    private static IllegalArgumentException refusal(String text) {
        return new IllegalArgumentException("A turn must look like \"1/4 R\", \"3/8 L, body less\", \"1/2 R pivot\","
                + " \"begins L\" or \"body completes\", but was \"" + text + "\"");
    }

    static String print(Turn turn) {
        List<String> clauses = new ArrayList<>();
        if (turn.sixteenths() != 0) {
            String how = turn.kind().toString();
            clauses.add(amount(turn.sixteenths()) + (how.isEmpty() ? "" : " " + how));
        }
        if (turn.begins() != 0) clauses.add("begins " + (turn.begins() > 0 ? "R" : "L"));
        if (turn.bodyLess() == Turn.USUAL_BODY_LESS) clauses.add("body less");
        else if (turn.bodyLess() > 0) clauses.add("body " + fraction(turn.bodyLess()) + " less");
        if (turn.bodyCompletes()) clauses.add("body completes");
        return clauses.isEmpty() ? "none" : String.join(", ", clauses);
    }

    /** {@code "3/8 R"} for 6, {@code "1/4 L"} for -4, {@code "no turn"} for 0. */
    public static String amount(int signedSixteenths) {
        if (signedSixteenths == 0) return "no turn";
        return fraction(Math.abs(signedSixteenths)) + (signedSixteenths > 0 ? " R" : " L");
    }

    /** A turn made larger or smaller than charted: {@code "1/8 more"} for 2, {@code "1/16 less"} for -1, empty for 0. */
    public static String change(int sixteenths) {
        if (sixteenths == 0) return "";
        return fraction(Math.abs(sixteenths)) + (sixteenths > 0 ? " more" : " less");
    }

    /** {@code "3/8"} for 6, {@code "1 1/4"} for 20; 0 or more. */
    public static String fraction(int sixteenths) {
        int whole = sixteenths / 16;
        int rest = sixteenths % 16;
        if (rest == 0) return Integer.toString(whole);
        int divisor = Integer.lowestOneBit(rest);
        return (whole == 0 ? "" : whole + " ") + rest / divisor + "/" + 16 / divisor;
    }
}
