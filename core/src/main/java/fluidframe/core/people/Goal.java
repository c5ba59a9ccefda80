package fluidframe.core.people;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Something to be reached.
 *
 * @param by the day until which it is to be reached
 */
public record Goal(String text, Optional<LocalDate> by, boolean reached) {
    public Goal {
        if (text.isBlank()) throw new IllegalArgumentException("A goal must say what is to be reached");
    }
}
