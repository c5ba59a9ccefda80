package fluidframe.library.text;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Either what a document says, or all the problems in the way of reading it.
 *
 * @param value empty exactly if there are problems
 */
public record ReadResult<T>(Optional<T> value, List<Problem> problems) {
    public ReadResult {
        problems = List.copyOf(problems);
    }

    public static <T> ReadResult<T> of(T value) {
        return new ReadResult<>(Optional.of(value), List.of());
    }

    public static <T> ReadResult<T> refused(List<Problem> problems) {
        return new ReadResult<>(Optional.empty(), problems);
    }

    /** The value; refuses with all problems as {@code refusal} says it if there is none. */
    public <X extends RuntimeException> T orThrow(Function<List<Problem>, X> refusal) {
        return value.orElseThrow(() -> refusal.apply(problems));
    }

    /** The value; refuses with the first problem if there is none. */
    public T orThrow() {
        return orThrow(all -> new IllegalArgumentException(all.get(0).toString()));
    }
}
