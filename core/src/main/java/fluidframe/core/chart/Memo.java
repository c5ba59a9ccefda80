package fluidframe.core.chart;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * Remembers what a cell's text was read as. A library says the same few hundred things thousands of times, and reading them
 * takes most of the time of loading it. What is refused is not remembered.
 */
final class Memo<T> implements Function<String, T> {
    /** Enough for every cell of a library; beyond it a text is simply read again. */
    private static final int MOST = 4096;

    private final Function<String, T> read;
    private final Map<String, T> known = new ConcurrentHashMap<>();

    Memo(Function<String, T> read) {
        this.read = read;
    }

    @Override
    public T apply(String text) {
        T value = known.get(text);
        if (value != null) return value;
        value = read.apply(text);
        if (known.size() < MOST) known.put(text, value);
        return value;
    }
}
