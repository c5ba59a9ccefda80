package fluidframe.library.exchange;

import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.text.Problem;
import java.util.List;
import java.util.Optional;

/**
 * What a file brings.
 *
 * @param what the file is, such as {@code a MIDI file}
 * @param things every document in it that can be read
 * @param problems what cannot be read, by line and column
 * @param notes what the file did not tell or what was changed to fit, a sentence each
 */
public record Brought(String what, List<Thing> things, List<Problem> problems, List<String> notes) {
    /**
     * A document.
     *
     * @param id its own; empty if it has none
     * @param document in its open format
     */
    public record Thing(String kind, Optional<String> id, ObjectNode document) {}

    public Brought {
        things = List.copyOf(things);
        problems = List.copyOf(problems);
        notes = List.copyOf(notes);
    }

    static Brought refused(String what, String sentence) {
        return refused(what, List.of(new Problem(0, 0, "", sentence)));
    }

    static Brought refused(String what, List<Problem> problems) {
        return new Brought(what, List.of(), Problem.capped(problems), List.of());
    }
}
