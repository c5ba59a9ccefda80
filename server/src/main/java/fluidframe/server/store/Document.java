package fluidframe.server.store;

import fluidframe.library.text.Problem;
import java.time.Instant;
import java.util.List;

/**
 * Something kept.
 *
 * @param version counts its saves from 1, to be sent back with the next
 * @param problems what of the kept text could not be read and is missing in the value; none for a whole one
 */
public record Document<T>(String id, long version, Instant savedAt, T value, List<Problem> problems) {
    public Document {
        problems = List.copyOf(problems);
    }
}
