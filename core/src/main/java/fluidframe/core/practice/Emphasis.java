package fluidframe.core.practice;

import java.util.Arrays;
import java.util.Locale;

/** How much of something a coach wants beside what the log says. */
public enum Emphasis {
    NONE(0),
    LESS(1.0 / 2),
    USUAL(1),
    MORE(3.0 / 2);

    private final double factor;

    Emphasis(double factor) {
        this.factor = factor;
    }

    /** Reads the name as documents carry it. */
    public static Emphasis parse(String text) {
        return Arrays.stream(values())
                .filter(one -> one.toString().equals(text.strip()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "An emphasis must be none, less, usual or more, but was \"" + text + "\""));
    }

    double factor() {
        return factor;
    }

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }
}
