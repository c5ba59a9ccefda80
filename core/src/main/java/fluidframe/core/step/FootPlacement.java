package fluidframe.core.step;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A foot and where it goes, as a coach says it in one breath: {@code "RF forward in CBMP outside partner"}. */
public record FootPlacement(Foot foot, Placement placement) {
    private static final Pattern TEXT = Pattern.compile("(?i)\\s*(L|R|LF|RF|left|right)\\s+(.+)");

    /** The inverse of {@link #toString()}. */
    public static FootPlacement parse(String text) {
        Matcher matcher = TEXT.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "A step must begin with LF or RF, such as \"LF back in CBMP\", but was \"" + text + "\"");
        }
        return new FootPlacement(Foot.parse(matcher.group(1)), Placement.parse(matcher.group(2)));
    }

    @Override
    public String toString() {
        return foot.spoken() + " " + placement;
    }
}
