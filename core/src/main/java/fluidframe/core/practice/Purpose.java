package fluidframe.core.practice;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** For what minutes of practice are there, in the order in which a day takes them. */
public enum Purpose {
    WARM_UP("Warm up", 0),
    KEEP("Kept", 7),
    NEW("New", 2),
    WEAK("Weak", 3),
    RUN("Run through", 3),
    PAUSE("Pause", 0);

    private static final int WEEK = 7;
    private static final int MONTH = 28;

    /** In the last days before an event nothing is changed any more. */
    private static final int SETTLED = 3;

    private final String title;
    private final int ideal;

    Purpose(String title, int ideal) {
        this.title = title;
        this.ideal = ideal;
    }

    /** Reads the name as documents carry it, such as {@code "warm up"}. */
    public static Purpose parse(String text) {
        return Arrays.stream(values())
                .filter(purpose -> purpose.toString().equals(text.strip()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Minutes of practice are for one of "
                        + Arrays.stream(values()).map(Purpose::toString).collect(Collectors.joining(", "))
                        + ", but were for \"" + text + "\""));
    }

    public String title() {
        return title;
    }

    /** Whether something is practised in it, rather than rested or warmed up. */
    public boolean isWork() {
        return ideal > 0;
    }

    /** After how many days doing it again is worth most. */
    int ideal() {
        return ideal;
    }

    /**
     * How much it counts so many days before the event: nothing new in the last week, nothing changed in the last three days, and
     * running through counts half at first and half as much again in the last two weeks.
     */
    double season(int daysLeft) {
        return switch (this) {
            case NEW -> daysLeft > WEEK ? 1 : 0;
            case WEAK -> daysLeft > SETTLED ? 1 : 0;
            case RUN -> daysLeft > MONTH ? 1.0 / 2 : daysLeft > MONTH / 2 ? 1 : 3.0 / 2;
            case KEEP -> 1;
            case WARM_UP, PAUSE -> 0;
        };
    }

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
