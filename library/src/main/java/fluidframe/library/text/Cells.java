package fluidframe.library.text;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Reads values out of a document that fits the schema, gathering a problem for each that the core refuses. */
public final class Cells {
    private static final int DAY_LENGTH = "2026-05-03".length();

    private final BiFunction<String, String, Problem> at;
    private final List<Problem> problems = new ArrayList<>();

    public Cells(BiFunction<String, String, Problem> at) {
        this.at = at;
    }

    public List<Problem> problems() {
        return problems;
    }

    public void refuse(String path, String message) {
        problems.add(at.apply(path, message));
    }

    /** The value of a key, or the fallback if it is absent, blank or refused. */
    public <T> T read(JsonNode object, String path, String key, Function<String, T> parse, T fallback) {
        return read(object, path, key, parse).orElse(fallback);
    }

    public <T> Optional<T> read(JsonNode object, String path, String key, Function<String, T> parse) {
        JsonNode node = object.path(key);
        if (node.isMissingNode() || node.isNull() || node.asText().isBlank()) return Optional.empty();
        return parse(path + "/" + key, node.asText(), parse);
    }

    public <T> Optional<T> parse(String path, String text, Function<String, T> parse) {
        try {
            return Optional.of(parse.apply(text));
        } catch (IllegalArgumentException e) {
            refuse(path, e.getMessage());
            return Optional.empty();
        }
    }

    public <T> List<T> list(JsonNode object, String path, String key, Function<String, T> parse) {
        List<T> values = new ArrayList<>();
        JsonNode array = object.path(key);
        for (int i = 0; i < array.size(); i++)
            parse(path + "/" + key + "/" + i, array.get(i).asText(), parse).ifPresent(values::add);
        return values;
    }

    /** Builds each element of an array of objects; elements that yield nothing have told their problem. */
    public <T> List<T> objects(
            JsonNode object, String path, String key, BiFunction<JsonNode, String, Optional<T>> build) {
        List<T> values = new ArrayList<>();
        JsonNode array = object.path(key);
        for (int i = 0; i < array.size(); i++)
            build.apply(array.get(i), path + "/" + key + "/" + i).ifPresent(values::add);
        return values;
    }

    /** Reads a day such as {@code 2026-05-03}, and refuses one that no calendar has. */
    public static LocalDate date(String text) {
        try {
            // Years of another length are dates to the machine, but to nobody else.
            if (text.length() != DAY_LENGTH) throw new DateTimeException("not a day of this age");
            return LocalDate.parse(text);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("A day must be one such as 2026-05-03, but was \"" + text + "\"", e);
        }
    }

    /** Reads a time by the clock on the wall such as {@code 2026-05-03T18:30}, and refuses one that no clock shows. */
    public static LocalDateTime time(String text) {
        try {
            return LocalDateTime.parse(text);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException(
                    "A time must be one such as 2026-05-03T18:30, but was \"" + text + "\"", e);
        }
    }

    /** A number, where there is one. */
    public static OptionalDouble number(JsonNode object, String key) {
        JsonNode node = object.path(key);
        return node.isNumber() ? OptionalDouble.of(node.asDouble()) : OptionalDouble.empty();
    }

    /** Runs a constructor that may refuse its values as a whole. */
    public <T> Optional<T> build(String path, java.util.function.Supplier<T> constructor) {
        return parse(path, "", ignored -> constructor.get());
    }
}
