package fluidframe.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Difference;
import fluidframe.library.text.Format;
import java.util.List;

/** Thrown when a save was begun from a version that has been saved over; carries both sides, so that nothing is lost. */
public final class StaleException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long expected;
    private final transient Sides sides;

    /**
     * Both sides of a conflict.
     *
     * @param version the version that stands now
     * @param current the document as it stands now
     * @param yours the document that was refused
     * @param differences from the one that stands to the one that was refused
     */
    public record Sides(long version, JsonNode current, JsonNode yours, List<Difference> differences) {
        static <T> Sides of(Format<T> format, long version, T current, T yours) {
            return new Sides(version, format.toJson(current), format.toJson(yours), format.differences(current, yours));
        }
    }

    StaleException(String name, long expected, Sides sides) {
        super("\"" + name + "\" has been saved elsewhere as version " + sides.version() + " since you opened version "
                + expected + ". Nothing is lost: compare the two and choose.");
        this.expected = expected;
        this.sides = sides;
    }

    public long expected() {
        return expected;
    }

    public Sides sides() {
        return sides;
    }
}
