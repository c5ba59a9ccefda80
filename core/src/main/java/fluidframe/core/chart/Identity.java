package fluidframe.core.chart;

import fluidframe.core.count.Dance;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * What a figure is called and where it belongs.
 *
 * @param id lower case words joined by hyphens and dots, such as {@code waltz.natural-turn}; at most 80 characters
 * @param dance the dance
 * @param name the usual name
 * @param otherNames names in use elsewhere
 * @param levels level by style, such as international: bronze; a starter list that gives way to the organiser's
 * @param summary two sentences in a coach's words
 * @param madeFrom id of the figure that it was made from, blank for none
 */
public record Identity(
        String id,
        Dance dance,
        String name,
        List<String> otherNames,
        Map<String, Level> levels,
        String summary,
        String madeFrom) {
    /** How far on a figure is usually taught. */
    public enum Level {
        BRONZE,
        SILVER,
        GOLD,
        OPEN
    }

    private static final Pattern ID = Pattern.compile("[a-z0-9]+(?:[.-][a-z0-9]+)*");

    public Identity {
        if (!ID.matcher(id).matches() || id.length() > 80) {
            throw new IllegalArgumentException(
                    "An id must be lower case words joined by hyphens or dots, at most 80 characters, but was \"" + id
                            + "\"");
        }
        if (!madeFrom.isEmpty() && !ID.matcher(madeFrom).matches()) {
            throw new IllegalArgumentException(
                    "What a figure was made from must be an id, but was \"" + madeFrom + "\"");
        }
        if (name.isBlank()) throw new IllegalArgumentException("A figure must have a name");
        otherNames = List.copyOf(otherNames);
        levels = java.util.Collections.unmodifiableMap(new java.util.LinkedHashMap<>(levels));
    }
}
