package fluidframe.core.count;

import java.util.Arrays;
import java.util.stream.Collectors;

/**
 * The ten dances as data: metre, the beats of a slow and a quick, the customary tempo band in bars a minute, and the
 * family whose footwork rules apply. Tempo bands vary by organiser; these are customary values, not anybody's rule.
 */
public enum Dance {
    WALTZ("waltz", "Waltz", 3, "1", "1", 28, 30, Family.SWING),
    TANGO("tango", "Tango", 2, "1", "1/2", 31, 33, Family.TANGO),
    VIENNESE_WALTZ("viennese-waltz", "Viennese Waltz", 3, "1", "1", 58, 60, Family.SWING),
    FOXTROT("foxtrot", "Slow Foxtrot", 4, "2", "1", 28, 30, Family.SWING),
    QUICKSTEP("quickstep", "Quickstep", 4, "2", "1", 48, 52, Family.SWING),
    SAMBA("samba", "Samba", 2, "1", "1/2", 50, 52, Family.LATIN),
    CHA_CHA("cha-cha", "Cha-Cha-Cha", 4, "2", "1", 30, 32, Family.LATIN),
    RUMBA("rumba", "Rumba", 4, "2", "1", 25, 27, Family.LATIN),
    PASO_DOBLE("paso-doble", "Paso Doble", 2, "1", "1/2", 58, 62, Family.LATIN),
    JIVE("jive", "Jive", 4, "2", "1", 42, 44, Family.LATIN);

    /** Which rules of footwork and body a dance follows. */
    public enum Family {
        /** Rise, fall and sway; forward steps lead with the heel. */
        SWING,
        /** Moving, but with neither rise nor sway. */
        TANGO,
        /** Ball before flat. */
        LATIN
    }

    private final String id;
    private final String title;
    private final int beatsPerBar;
    private final Beats slow;
    private final Beats quick;
    private final int slowestBarsPerMinute;
    private final int fastestBarsPerMinute;
    private final Family family;

    Dance(
            String id,
            String title,
            int beatsPerBar,
            String slow,
            String quick,
            int slowest,
            int fastest,
            Family family) {
        this.id = id;
        this.title = title;
        this.beatsPerBar = beatsPerBar;
        this.slow = Beats.parse(slow);
        this.quick = Beats.parse(quick);
        this.slowestBarsPerMinute = slowest;
        this.fastestBarsPerMinute = fastest;
        this.family = family;
    }

    /** Reads the id, such as {@code "waltz"}; the inverse of {@link #toString()}. */
    public static Dance parse(String text) {
        return Arrays.stream(values())
                .filter(dance -> dance.id.equals(text.trim()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Dance must be one of "
                        + Arrays.stream(values()).map(Dance::toString).collect(Collectors.joining(", "))
                        + ", but was \""
                        + text + "\""));
    }

    public String title() {
        return title;
    }

    public int beatsPerBar() {
        return beatsPerBar;
    }

    public Beats bar() {
        return Beats.of(beatsPerBar);
    }

    public Beats slow() {
        return slow;
    }

    public Beats quick() {
        return quick;
    }

    public int slowestBarsPerMinute() {
        return slowestBarsPerMinute;
    }

    public int fastestBarsPerMinute() {
        return fastestBarsPerMinute;
    }

    public Family family() {
        return family;
    }

    /** Whether the couple travels round the floor with rise, fall and sway. */
    public boolean isSwing() {
        return family == Family.SWING;
    }

    @Override
    public String toString() {
        return id;
    }
}
