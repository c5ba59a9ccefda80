package fluidframe.core.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * Some minutes of a day, and why they are there.
 *
 * @param kind figure, routine or drill; blank where nothing is practised
 * @param id of it
 * @param name of it
 * @param row from 1, at which the stage opens; 0 for the beginning
 * @param role whose row it is, man or lady; blank for both
 * @param minutes at least 1
 * @param from the tempo at which its ladder begins, in bars a minute; empty without a ladder
 * @param to the tempo to which it leads
 * @param points what it is worth in the plan
 */
public record Part(
        Purpose purpose,
        String kind,
        String id,
        String name,
        int row,
        String role,
        int minutes,
        OptionalDouble from,
        OptionalDouble to,
        int points,
        String why,
        State state) {
    private static final List<String> KINDS = List.of("", "figure", "routine", "drill");
    private static final List<String> ROLES = List.of("", "man", "lady");

    /** What has become of it. */
    public enum State {
        OPEN,
        DONE,
        MISSED;

        /** Reads the name as documents carry it. */
        public static State parse(String text) {
            return Arrays.stream(values())
                    .filter(state -> state.toString().equals(text.strip()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(
                            "A part of practice is open, done or missed, but was \"" + text + "\""));
        }

        @Override
        public String toString() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Part {
        if (!KINDS.contains(kind)) {
            throw new IllegalArgumentException(
                    "A figure, a routine or a drill is practised, but this was a \"" + kind + "\"");
        }
        if (!ROLES.contains(role)) {
            throw new IllegalArgumentException(
                    "A part of practice is of the man, the lady or both, but was of \"" + role + "\"");
        }
        if (purpose.isWork() == kind.isEmpty()) {
            throw new IllegalArgumentException(
                    kind.isEmpty() ? "Say what is practised" : "Nothing is practised in a " + purpose);
        }
        if (minutes < 1) {
            throw new IllegalArgumentException("A part of practice takes a minute at least, but had " + minutes);
        }
        if (from.isPresent() != to.isPresent() || from.orElse(1) <= 0 || from.orElse(1) > to.orElse(1)) {
            throw new IllegalArgumentException(
                    "A ladder of tempos goes up from one above 0 to another, but this one goes from "
                            + (from.isPresent() ? from.getAsDouble() : "none") + " to "
                            + (to.isPresent() ? to.getAsDouble() : "none"));
        }
    }

    static Part rest(Purpose purpose, int minutes, String why) {
        return new Part(
                purpose,
                "",
                "",
                "",
                0,
                "",
                minutes,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                why,
                State.OPEN);
    }

    public String key() {
        return kind + ":" + id;
    }

    Part as(State other) {
        return new Part(purpose, kind, id, name, row, role, minutes, from, to, points, why, other);
    }
}
