package fluidframe.server.store;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** What a studio keeps. */
public enum Kind {
    FIGURE,
    ROUTINE,
    SONG,
    EVENT,
    LIST,
    DANCER,
    COUPLE,
    GROUP,
    LESSON,
    DRILL,
    CARD,
    PRACTICE,
    CLASS;

    /** As in addresses and in the database. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What to refuse a name with by which another one goes. */
    public IllegalArgumentException nameTaken(String name) {
        return new IllegalArgumentException(
                "There is a " + this + " called \"" + name + "\" already: choose another name");
    }

    /** Refuses a word that is no kind, naming those that are. */
    public static Kind parse(String text) {
        return Arrays.stream(values())
                .filter(kind -> kind.toString().equals(text))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A kind must be one of "
                        + Arrays.stream(values()).map(Kind::toString).collect(Collectors.joining(", "))
                        + ", but was \"" + text + "\""));
    }
}
