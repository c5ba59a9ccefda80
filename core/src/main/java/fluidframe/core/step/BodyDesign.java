package fluidframe.core.step;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What hips or body do during one row, phase by phase: {@code "settle R on 2, rotate R & before 3"}. The side of a
 * settling hip is the side of the leg it settles over.
 */
public record BodyDesign(List<Phase> phases) {
    /** What is done. Those up to {@link #MAINTAIN} are of the hips, the others of the whole body. */
    public enum Action {
        SETTLE,
        ROTATE,
        LATERAL,
        TWIST,
        SWING,
        INCLINE,
        DIRECT,
        NEUTRAL,
        MAINTAIN,
        SHAPE,
        STRETCH,
        PROJECT,
        COMPRESS;

        @Override
        public String toString() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One phase.
     *
     * @param action what is done
     * @param side to which side, if one
     * @param amount how much of what the body has, if it is said
     * @param instant when, in the words of a count, such as {@code "on 2"} or {@code "& before 3"}; blank for the whole row
     */
    public record Phase(Action action, Optional<Foot> side, Optional<Amount> amount, String instant) {
        @Override
        public String toString() {
            return action
                    + side.map(s -> " " + s).orElse("")
                    + amount.map(a -> " " + a).orElse("")
                    + (instant.isEmpty() ? "" : " " + instant);
        }
    }

    public static final BodyDesign NONE = new BodyDesign(List.of());

    /** A hip or a body is not moved more often on one row, however slow. */
    private static final int MOST_PHASES = 6;

    /** When in a row something is done, in the words of a count. */
    static final String INSTANT = "on \\S+|[&a] before \\S+|before \\S+|after \\S+|at end";

    private static final Pattern PHASE = Pattern.compile(
            "(?i)(settle|rotate|lateral|twist|swing|incline|direct|neutral|maintain|shape|stretch|project|compress)s?(?:\\s+(?:to )?(L|R|left|right))?"
                    + "(?:\\s+(" + Amount.WORDS + "))?"
                    + "(?:\\s+(" + INSTANT + "))?");

    public BodyDesign {
        phases = List.copyOf(phases);
        if (phases.size() > MOST_PHASES) {
            throw new IllegalArgumentException(
                    "A row must have at most " + MOST_PHASES + " phases of hip or body, but had " + phases.size());
        }
    }

    /** Reads phases with commas between, or {@code "none"}; the inverse of {@link #toString()}. */
    public static BodyDesign parse(String text) {
        List<Phase> phases = new ArrayList<>();
        for (String clause : clauses(text)) {
            Matcher matcher = PHASE.matcher(clause);
            if (!matcher.matches()) {
                throw new IllegalArgumentException(
                        "A hip or body action must be settle, rotate, lateral, twist, swing, incline, direct, neutral,"
                                + " maintain, shape, stretch, project or compress, then L or R, then a little, half or full,"
                                + " then when, such as \"settle R on 2\" or \"rotate L & before 3\","
                                + " but was \"" + clause + "\"");
            }
            phases.add(new Phase(
                    Action.valueOf(matcher.group(1).toUpperCase(Locale.ROOT)),
                    Optional.ofNullable(matcher.group(2)).map(Foot::parse),
                    Optional.ofNullable(matcher.group(3)).map(Amount::parse),
                    Optional.ofNullable(matcher.group(4)).orElse("").toLowerCase(Locale.ROOT)));
        }
        return new BodyDesign(phases);
    }

    /** The clauses of a cell, between its commas; none for a blank one and for {@code "none"}. */
    static List<String> clauses(String text) {
        String words = text.trim().replaceAll("\\s+", " ");
        boolean none = words.isEmpty() || words.equals("none") || words.equals("-");
        return none ? List.of() : List.of(words.split("\\s*,\\s*"));
    }

    public boolean isNone() {
        return phases.isEmpty();
    }

    /** The same to the other side. */
    public BodyDesign mirrored() {
        return new BodyDesign(phases.stream()
                .map(p -> new Phase(p.action(), p.side().map(Foot::other), p.amount(), p.instant()))
                .toList());
    }

    @Override
    public String toString() {
        return isNone() ? "none" : phases.stream().map(Phase::toString).collect(Collectors.joining(", "));
    }
}
