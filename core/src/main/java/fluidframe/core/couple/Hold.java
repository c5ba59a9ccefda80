package fluidframe.core.couple;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** How the partners hold each other. */
public enum Hold {
    CLOSED_CONTACT("closed contact"),
    CLOSED_NO_CONTACT("closed no contact"),
    DOUBLE("double"),
    LEFT_TO_RIGHT("L-R"),
    RIGHT_TO_LEFT("R-L"),
    RIGHT_TO_RIGHT("R-R"),
    LEFT_TO_LEFT("L-L"),
    NONE("none");

    private final String words;

    Hold(String words) {
        this.words = words;
    }

    /** Reads the words; the man's hand is named first. The inverse of {@link #toString()}. */
    public static Hold parse(String text) {
        return Arrays.stream(values())
                .filter(hold ->
                        hold.words.equals(text.trim().toLowerCase(Locale.ROOT)) || hold.words.equals(text.trim()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A hold must be one of "
                        + Arrays.stream(values()).map(Hold::toString).collect(Collectors.joining(", ")) + ", but was \""
                        + text + "\""));
    }

    @Override
    public String toString() {
        return words;
    }
}
