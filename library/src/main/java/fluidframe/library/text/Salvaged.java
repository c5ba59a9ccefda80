package fluidframe.library.text;

import java.util.List;

/**
 * What could be read of something kept.
 *
 * @param value the thing without the pieces that cannot be read
 * @param problems every piece that cannot be read, with its place in the document; none for a whole one
 */
public record Salvaged<T>(T value, List<Problem> problems) {
    public Salvaged {
        problems = List.copyOf(problems);
    }
}
