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
    private static final int NO_LONGER_NEW = 8;

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

    /** Whether the tempo goes up in it. */
    boolean climbs() {
        return this == NEW || this == WEAK;
    }

    /** The longest of all ideal gaps. */
    static int longest() {
        return KEEP.ideal;
    }

    /** After how many days doing it again is worth most. */
    int ideal() {
        return ideal;
    }

    /**
     * What it has become by a day: what is new is so for eight days, and not in the last week; in the last three days nothing is
     * changed any more. Then it is only kept, or run through.
     *
     * @param whole whether it is a routine
     * @param practised days since it was first practised
     */
    Purpose by(int daysLeft, boolean whole, int practised) {
        Purpose settled = whole ? RUN : KEEP;
        return switch (this) {
            case NEW -> daysLeft <= WEEK ? settled : practised < NO_LONGER_NEW ? NEW : WEAK;
            case WEAK -> daysLeft <= SETTLED ? settled : WEAK;
            default -> this;
        };
    }

    /** How much it counts so many days before the event: running through half at first, and half as much again at the end. */
    double season(int daysLeft) {
        if (this != RUN) return 1;
        return daysLeft > MONTH ? 1.0 / 2 : daysLeft > MONTH / 2 ? 1 : 3.0 / 2;
    }

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
