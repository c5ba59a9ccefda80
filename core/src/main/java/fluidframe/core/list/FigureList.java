package fluidframe.core.list;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Which figures belong to which level, as an organisation has it. The levels are its own and in its own order.
 *
 * @param name what it is called, 1 to 80 characters
 * @param note where it comes from, at most 500 characters
 * @param levels from the first to the last taught, at most 12; a figure is on one of them or on none
 */
public record FigureList(String name, String note, List<Level> levels) {
    public static final int MOST_LEVELS = 12;
    /** In characters, like the others. */
    private static final int LONGEST_NAME = 80;

    private static final int LONGEST_LEVEL = 40;
    private static final int LONGEST_NOTE = 500;
    private static final Pattern FIGURE = Pattern.compile("[a-z0-9-]+\\.[a-z0-9.-]+");

    /**
     * One level.
     *
     * @param name such as "Bronze", 1 to 40 characters
     * @param figures ids of its figures; one that is not charted yet may stand here too
     */
    public record Level(String name, List<String> figures) {
        public Level {
            name = name.strip();
            if (name.isEmpty() || name.length() > LONGEST_LEVEL) {
                throw new IllegalArgumentException(
                        "A level must have a name of 1 to " + LONGEST_LEVEL + " characters, but was \"" + name + "\"");
            }
            figures = List.copyOf(figures);
            for (String figure : figures) {
                if (!FIGURE.matcher(figure).matches()) {
                    throw new IllegalArgumentException(
                            "A figure on a list must be named by its id, such as waltz.whisk, but " + "on " + name
                                    + " stands \"" + figure + "\"");
                }
            }
        }
    }

    public FigureList {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "A list must have a name of 1 to " + LONGEST_NAME + " characters, but was \"" + name + "\"");
        }
        if (note.length() > LONGEST_NOTE) {
            throw new IllegalArgumentException(
                    "The note of a list must be at most " + LONGEST_NOTE + " characters, but has " + note.length());
        }
        if (levels.isEmpty() || levels.size() > MOST_LEVELS) {
            throw new IllegalArgumentException(
                    "A list must have 1 to " + MOST_LEVELS + " levels, but has " + levels.size());
        }
        levels = List.copyOf(levels);
        Set<String> names = new HashSet<>();
        Map<String, String> levelOf = new HashMap<>();
        for (Level level : levels) {
            if (!names.add(level.name().toLowerCase(Locale.ROOT))) {
                throw new IllegalArgumentException(
                        "Two levels must not have one name, but two are called \"" + level.name() + "\": rename one");
            }
            for (String figure : level.figures()) {
                String other = levelOf.put(figure, level.name());
                if (other != null) {
                    throw new IllegalArgumentException("A figure must be on one level only, but " + figure + " is on "
                            + other + " and on " + level.name());
                }
            }
        }
    }

    /** The level of a figure; empty if it is not on the list. */
    public Optional<String> levelOf(String figureId) {
        return levels.stream()
                .filter(level -> level.figures().contains(figureId))
                .map(Level::name)
                .findFirst();
    }

    /** The same levels under another name, to be changed freely. */
    public FigureList copied(String newName) {
        return new FigureList(newName, "", levels);
    }
}
