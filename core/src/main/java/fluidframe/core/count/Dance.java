package fluidframe.core.count;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The dances as data: a row each, and nothing else in the code asks which dance it is. Metre, the beats of a slow and a
 * quick, the customary tempo band in bars a minute, the beats of the bar on which a figure may start, the lengths a row
 * may have, how long a usual step is, the family whose footwork rules apply, and what of the body is charted. Tempo
 * bands and starting beats vary by organiser; these are customary values, not anybody's rule.
 */
public enum Dance {
    // beats a bar | slow, quick | bars a minute | starting beats | lengths of a row | stride in metres | family |
    // traits
    WALTZ("waltz", "Waltz", "3 | 1 1 | 28 30 | 1 | 1 1/2 3/4 1/4 2 3 | 0.70 | SWING | MOVES RISE SWAY"),
    TANGO("tango", "Tango", "2 | 1 1/2 | 31 33 | 1 2 | 1 1/2 1/4 2 | 0.60 | TANGO | MOVES"),
    VIENNESE_WALTZ("viennese-waltz", "Viennese Waltz", "3 | 1 1 | 58 60 | 1 | 1 3 | 0.60 | SWING | MOVES SWAY"),
    FOXTROT("foxtrot", "Slow Foxtrot", "4 | 2 1 | 28 30 | 1 3 | 2 1 1/2 4 | 0.75 | SWING | MOVES RISE SWAY"),
    QUICKSTEP("quickstep", "Quickstep", "4 | 2 1 | 48 52 | 1 3 | 2 1 1/2 | 0.70 | SWING | MOVES RISE SWAY"),
    SAMBA("samba", "Samba", "2 | 1 1/2 | 50 52 | 1 | 1 1/2 3/4 1/4 | 0.42 | LATIN | MOVES BOUNCE HIP"),
    CHA_CHA("cha-cha", "Cha-Cha-Cha", "4 | 2 1 | 30 32 | 2 1 | 1 1/2 3/4 1/4 3/2 | 0.40 | LATIN | HIP"),
    RUMBA("rumba", "Rumba", "4 | 2 1 | 25 27 | 2 | 1 2 1/2 3/2 | 0.48 | LATIN | HIP"),
    PASO_DOBLE("paso-doble", "Paso Doble", "2 | 1 1/2 | 58 62 | 1 2 | 1 1/2 2 | 0.50 | LATIN | MOVES HEELS"),
    JIVE("jive", "Jive", "4 | 2 1 | 42 44 | 1 3 | 1 3/4 1/4 2 1/2 | 0.32 | LATIN | HIP"),
    AMERICAN_WALTZ(
            "american-waltz",
            "American Waltz",
            "3 | 1 1 | 30 32 | 1 | 1 1/2 2 3 | 0.65 | SWING | MOVES RISE SWAY AMERICAN"),
    AMERICAN_TANGO(
            "american-tango", "American Tango", "4 | 2 1 | 30 32 | 1 3 | 2 1 1/2 | 0.60 | TANGO | MOVES AMERICAN"),
    AMERICAN_FOXTROT(
            "american-foxtrot",
            "American Foxtrot",
            "4 | 2 1 | 30 32 | 1 3 | 2 1 1/2 | 0.60 | SWING | MOVES RISE SWAY AMERICAN"),
    AMERICAN_VIENNESE_WALTZ(
            "american-viennese-waltz",
            "American Viennese Waltz",
            "3 | 1 1 | 53 54 | 1 | 1 2 3 | 0.60 | SWING | MOVES SWAY AMERICAN"),
    AMERICAN_RUMBA("american-rumba", "American Rumba", "4 | 2 1 | 30 32 | 1 3 | 2 1 1/2 | 0.42 | LATIN | HIP AMERICAN"),
    AMERICAN_CHA_CHA(
            "american-cha-cha", "American Cha Cha", "4 | 2 1 | 30 32 | 2 1 | 1 1/2 | 0.40 | LATIN | HIP AMERICAN"),
    EAST_COAST_SWING(
            "east-coast-swing",
            "East Coast Swing",
            "4 | 2 1 | 34 36 | 1 3 | 1 3/4 1/4 2 1/2 | 0.35 | LATIN | HIP AMERICAN");

    /** Which rules of footwork and body a dance follows. */
    public enum Family {
        /** Rise, fall and sway; forward steps lead with the heel. */
        SWING,
        /** Moving, but with neither rise nor sway. */
        TANGO,
        /** Ball before flat. */
        LATIN
    }

    /** The two ways of charting and teaching that the library knows. */
    public enum Style {
        INTERNATIONAL,
        AMERICAN
    }

    /** What else is true of a dance. */
    private enum Trait {
        MOVES,
        RISE,
        SWAY,
        BOUNCE,
        HIP,
        HEELS,
        AMERICAN
    }

    private final String id;
    private final String title;
    private final int beatsPerBar;
    private final Beats slow;
    private final Beats quick;
    private final int slowestBarsPerMinute;
    private final int fastestBarsPerMinute;
    private final List<Integer> startBeats;
    private final Set<Beats> rowLengths;
    private final double strideMetres;
    private final Family family;
    private final Set<Trait> traits;

    Dance(String id, String title, String row) {
        this.id = id;
        this.title = title;
        String[] cells = row.split(" \\| ");
        this.beatsPerBar = Integer.parseInt(cells[0]);
        this.slow = Beats.parse(cells[1].split(" ")[0]);
        this.quick = Beats.parse(cells[1].split(" ")[1]);
        this.slowestBarsPerMinute = Integer.parseInt(cells[2].split(" ")[0]);
        this.fastestBarsPerMinute = Integer.parseInt(cells[2].split(" ")[1]);
        this.startBeats = Stream.of(cells[3].split(" ")).map(Integer::valueOf).toList();
        this.rowLengths = Stream.of(cells[4].split(" "))
                .map(Beats::parse)
                .collect(Collectors.toCollection(() -> new TreeSet<Beats>()));
        this.strideMetres = Double.parseDouble(cells[5]);
        this.family = Family.valueOf(cells[6]);
        this.traits = Stream.of(cells[7].split(" "))
                .map(Trait::valueOf)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Trait.class)));
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

    /** Whether slow and quick differ, so that figures can be counted in them. */
    public boolean countsSlowAndQuick() {
        return !slow.equals(quick);
    }

    public int slowestBarsPerMinute() {
        return slowestBarsPerMinute;
    }

    public int fastestBarsPerMinute() {
        return fastestBarsPerMinute;
    }

    /** Beats of the bar, from 1, on which a figure may start; the customary one first. */
    public List<Integer> startBeats() {
        return startBeats;
    }

    /** Whether a figure may start so many beats (from 0) into a bar. */
    public boolean mayStartAt(Beats intoBar) {
        return startBeats.stream().anyMatch(beat -> Beats.of(beat - 1).equals(intoBar));
    }

    /**
     * What the length of a figure has to be a multiple of for the next one to start on a permitted beat: a bar, or half
     * a bar where figures may start there too.
     */
    public Beats phraseUnit() {
        if (startBeats.size() < 2) return bar();
        int apart = Math.abs(startBeats.get(1) - startBeats.get(0));
        return beatsPerBar % apart == 0 && beatsPerBar / apart == startBeats.size() ? Beats.of(apart) : bar();
    }

    /** The lengths in beats that a step of this dance customarily has, shortest first. */
    public Set<Beats> rowLengths() {
        return rowLengths;
    }

    /** The length in metres of a usual full step; couples differ. */
    public double strideMetres() {
        return strideMetres;
    }

    public Family family() {
        return family;
    }

    public Style style() {
        return traits.contains(Trait.AMERICAN) ? Style.AMERICAN : Style.INTERNATIONAL;
    }

    /** Whether the footwork rules of the dances with swing apply. */
    public boolean isSwing() {
        return family == Family.SWING;
    }

    /** Whether the couple travels round the floor, rather than dancing on one spot. */
    public boolean isMoving() {
        return traits.contains(Trait.MOVES);
    }

    public boolean hasRise() {
        return traits.contains(Trait.RISE);
    }

    public boolean hasSway() {
        return traits.contains(Trait.SWAY);
    }

    public boolean hasBounce() {
        return traits.contains(Trait.BOUNCE);
    }

    public boolean hasHipAction() {
        return traits.contains(Trait.HIP);
    }

    /** Whether a Latin dance has forward steps that lead with the heel. */
    public boolean hasHeelLeads() {
        return family != Family.LATIN || traits.contains(Trait.HEELS);
    }

    @Override
    public String toString() {
        return id;
    }
}
