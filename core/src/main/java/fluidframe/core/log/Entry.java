package fluidframe.core.log;

import fluidframe.core.couple.Role;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One thing seen while something was danced.
 *
 * @param subject what was danced
 * @param run from where to where, and how fast
 * @param fault what went wrong and where; empty for a clean run
 * @param whom who danced
 */
public record Entry(Subject subject, Run run, Optional<Fault> fault, Whom whom) {
    private static final int MOST_CHARACTERS = 300;
    private static final int LONGEST_ID = 80;
    private static final int LONGEST_KEY = 40;

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

        public boolean isRoutine() {
            return kind.equals("routine");
        }
    }

    /**
     * Who danced.
     *
     * @param couple id of a couple or group; blank where it is only said in words
     * @param name in the coach's own words; blank where it was not said
     * @param lesson id of the lesson in which it was seen; blank outside of one
     */
    public record Whom(String couple, String name, String lesson) {
        public static final Whom UNSAID = new Whom("", "", "");

        public Whom {
            atMost(LONGEST_ID, "The id of the couple", couple);
            atMost("Who danced", name);
            atMost(LONGEST_ID, "The id of the lesson", lesson);
        }
    }

    /** Who of the two danced, where one practised alone. */
    public enum Part {
        BOTH,
        MAN,
        LADY
    }

    /**
     * A stretch of time danced once.
     *
     * @param key by which what is seen in the same run is known to belong together
     * @param from beats from the first of the first bar
     * @param to beats, after {@code from}
     * @param tempo bars a minute; empty where it was not said
     * @param part who danced it
     * @param otherSide whether a figure was danced to the side that its chart does not show
     */
    public record Run(String key, double from, double to, OptionalDouble tempo, Part part, boolean otherSide) {
        private static final double FASTEST = 300;

        public Run {
            if (key.isBlank()) throw new IllegalArgumentException("A run must have a key");
            atMost(LONGEST_KEY, "The key of a run", key);
            if (!(to > from)) {
                throw new IllegalArgumentException(
                        "A run must end after it begins, but goes from beat " + from + " to " + to);
            }
            tempo.ifPresent(bars -> {
                if (!(bars > 0 && bars <= FASTEST)) {
                    throw new IllegalArgumentException("A tempo must be up to 300 bars a minute, but was " + bars);
                }
            });
        }

        /** Both danced, to the charted side. */
        public Run(String key, double from, double to, double tempo) {
            this(key, from, to, OptionalDouble.of(tempo), Part.BOTH, false);
        }
    }

    /**
     * A fault at a step.
     *
     * @param figure its id, and the name it had
     * @param place of the figure in the routine, from 1; 0 where it is not said or no routine was danced
     * @param row the number of the row, from 1
     * @param seen what was seen
     * @param cause why it happens; blank where it was not said
     * @param cue what was said about it; blank where nothing was
     */
    public record Fault(
            String figure, String figureName, int place, Role role, int row, String seen, String cause, String cue) {
        public Fault {
            if (seen.isBlank()) {
                throw new IllegalArgumentException("Say what was seen");
            }
            if (row < 1) throw new IllegalArgumentException("Rows count from 1, but the fault was at row " + row);
            if (place < 0) throw new IllegalArgumentException("Places count from 1, but the fault was at " + place);
            atMost(LONGEST_ID, "The id of the figure", figure);
            atMost("The name of the figure", figureName);
            atMost("What was seen", seen);
            atMost("The cause", cause);
            atMost("The cue", cue);
        }

        /** What the same fault has in common whenever it is seen. */
        public Sort sort() {
            return Sort.of(this);
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
