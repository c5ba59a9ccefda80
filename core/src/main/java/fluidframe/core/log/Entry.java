package fluidframe.core.log;

import fluidframe.core.couple.Role;
import java.util.Optional;

/**
 * One thing seen while something was danced.
 *
 * @param subject what was danced
 * @param run from where to where, and how fast
 * @param fault what went wrong and where; empty for a clean run
 * @param whom who danced, in the coach's own words; blank where it was not said
 */
public record Entry(Subject subject, Run run, Optional<Fault> fault, String whom) {
    private static final int MOST_CHARACTERS = 300;
    private static final int LONGEST_ID = 80;
    private static final int LONGEST_KEY = 40;

    public Entry {
        atMost("Who danced", whom);
    }

    /** A figure or a routine, with the name it had. */
    public record Subject(String kind, String id, String name) {
        public Subject {
            if (!kind.equals("figure") && !kind.equals("routine")) {
                throw new IllegalArgumentException(
                        "What was danced is a figure or a routine, but was said to be \"" + kind + "\"");
            }
            if (id.isBlank() || name.isBlank()) {
                throw new IllegalArgumentException("What was danced must have an id and a name");
            }
            atMost(LONGEST_ID, "The id of what was danced", id);
            atMost("The name of what was danced", name);
        }
    }

    /**
     * A stretch of time danced once.
     *
     * @param key by which what is seen in the same run is known to belong together
     * @param from beats from the first of the first bar
     * @param to beats, after {@code from}
     * @param tempo bars a minute
     */
    public record Run(String key, double from, double to, double tempo) {
        public Run {
            if (key.isBlank()) throw new IllegalArgumentException("A run must have a key");
            atMost(LONGEST_KEY, "The key of a run", key);
            if (!(to > from)) {
                throw new IllegalArgumentException(
                        "A run must end after it begins, but goes from beat " + from + " to " + to);
            }
            if (!(tempo > 0 && tempo <= 300)) {
                throw new IllegalArgumentException("A tempo must be up to 300 bars a minute, but was " + tempo);
            }
        }
    }

    /**
     * A fault at a step.
     *
     * @param figure its id, and the name it had
     * @param row the number of the row, from 1
     * @param seen what was seen
     * @param cue what was said about it; blank where nothing was
     */
    public record Fault(String figure, String figureName, Role role, int row, String seen, String cue) {
        public Fault {
            if (seen.isBlank()) {
                throw new IllegalArgumentException("Say what was seen");
            }
            if (row < 1) throw new IllegalArgumentException("Rows count from 1, but the fault was at row " + row);
            atMost(LONGEST_ID, "The id of the figure", figure);
            atMost("The name of the figure", figureName);
            atMost("What was seen", seen);
            atMost("The cue", cue);
        }
    }

    private static void atMost(String what, String text) {
        atMost(MOST_CHARACTERS, what, text);
    }

    private static void atMost(int most, String what, String text) {
        if (text.length() > most) {
            throw new IllegalArgumentException(
                    what + " must be at most " + most + " characters, but has " + text.length());
        }
    }
}
