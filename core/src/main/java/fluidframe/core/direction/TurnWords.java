package fluidframe.core.direction;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;

/** Amounts of turn as they are said: {@code "three eighths to the right"} for {@code "3/8 right"}, {@code "180 degrees left"}. */
final class TurnWords {
    private static final Map<String, String> NUMBERS = new LinkedHashMap<>();
    private static final Pattern PART = Pattern.compile(
            "(?:(one|two|1|2) and )?(?:(?:an? )?(one|three|five|seven) ?|an? )?(eighth|quarter|half|sixteenth|full|whole)s?"
                    + "(?: of)?(?: an?)?(?: turn)?(?: to)?(?: the)?\\s+(r|l|right|left)\\b(?: turn)?(.*)");
    private static final Pattern DEGREES =
            Pattern.compile("(\\d{1,3}(?:\\.5)?) ?(?:°|degrees?)(?: to)?(?: the)?\\s*(r|l|right|left)\\b(.*)");
    private static final double DEGREES_OF_A_SIXTEENTH = 22.5;

    static {
        NUMBERS.put("one", "1");
        NUMBERS.put("two", "2");
        NUMBERS.put("three", "3");
        NUMBERS.put("five", "5");
        NUMBERS.put("seven", "7");
    }

    private TurnWords() {}

    /** The clause as it is written; as it was where no amount is said in words. */
    static String written(String clause) {
        var part = PART.matcher(clause);
        if (part.matches()) {
            String whole = part.group(1) == null ? "" : number(part.group(1)) + " ";
            String count = part.group(2) == null ? "1" : number(part.group(2));
            String amount = switch (part.group(3)) {
                case "sixteenth" -> count + "/16";
                case "eighth" -> count + "/8";
                case "quarter" -> count + "/4";
                case "half" -> count + "/2";
                default -> count;
            };
            return whole + amount + " " + part.group(4) + part.group(5);
        }
        var degrees = DEGREES.matcher(clause);
        if (!degrees.matches()) return clause;
        double sixteenths = Double.parseDouble(degrees.group(1)) / DEGREES_OF_A_SIXTEENTH;
        if (sixteenths < 1 || sixteenths != Math.rint(sixteenths)) return clause;
        return (int) sixteenths + "/16 " + degrees.group(2) + degrees.group(3);
    }

    private static String number(String word) {
        return NUMBERS.getOrDefault(word, word);
    }
}
