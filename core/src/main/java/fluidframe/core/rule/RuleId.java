package fluidframe.core.rule;

import java.util.regex.Pattern;

/** The stable name of a rule, {@code topic.what-must-hold}; it appears in files, answers and acceptances. */
public record RuleId(String text) {
    private static final Pattern TEXT = Pattern.compile("[a-z]+\\.[a-z]+(-[a-z]+)*");

    public RuleId {
        if (!TEXT.matcher(text).matches()) {
            throw new IllegalArgumentException(
                    "A rule id must look like \"turn.matches-alignment\", but was \"" + text + "\"");
        }
    }

    /** The part before the dot. */
    public String topic() {
        return text.substring(0, text.indexOf('.'));
    }

    @Override
    public String toString() {
        return text;
    }
}
