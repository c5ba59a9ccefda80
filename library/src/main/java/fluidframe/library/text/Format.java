package fluidframe.library.text;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * One kind of document of the open format, YAML or JSON: the only way in and the only way out for files, requests and what is
 * kept. Writing a value and reading it again gives an equal value.
 */
public abstract class Format<T> {
    private static final String ID = "id";

    private final String kind;
    private final DocumentSchema schema;

    /** @param kind such as {@code song}; the schema of that name ships with the library */
    protected Format(String kind) {
        this.kind = kind;
        this.schema = DocumentSchema.of(kind);
    }

    public final String kind() {
        return kind;
    }

    /** What stands in the first line of every file, such as {@code fluidframe/song@1}. */
    public final String name() {
        return "fluidframe/" + kind + "@1";
    }

    public final DocumentSchema schema() {
        return schema;
    }

    /** Reads a YAML or JSON text; every problem has its line and column. */
    public ReadResult<T> read(String text) {
        try {
            SourceText source = SourceText.read(text, true);
            if (!source.root().path("format").asText().equals(name())) {
                String sentence = "This must begin with \"format: " + name() + "\" to be read as a " + kind;
                return ReadResult.refused(List.of(source.problem("/format", sentence)));
            }
            return checked(source.root(), source::problem);
        } catch (SourceText.Unreadable e) {
            return ReadResult.refused(List.of(e.problem()));
        }
    }

    /** Reads a document that is a tree already; its problems carry paths, not lines. A tree may leave its format out. */
    public ReadResult<T> read(JsonNode document) {
        return checked(headed(document), Format::pathOnly);
    }

    /** Reads what was kept, by this version or an earlier one, and never refuses. */
    public Salvaged<T> salvage(String kept) {
        try {
            return new Salvage<>(this, blank())
                    .read(upgraded(headed(SourceText.read(kept, true).root())));
        } catch (SourceText.Unreadable e) {
            return new Salvaged<>(read(blank()).orThrow(), List.of(e.problem()));
        }
    }

    private ReadResult<T> checked(JsonNode root, BiFunction<String, String, Problem> at) {
        List<Problem> shape = schema.problems(root, at);
        if (!shape.isEmpty()) return ReadResult.refused(shape);
        Cells cells = new Cells(at);
        Optional<T> value = cells.build("", () -> contents(root, cells));
        return value.isPresent() && cells.problems().isEmpty()
                ? new ReadResult<>(value, List.of())
                : ReadResult.refused(cells.problems());
    }

    private static Problem pathOnly(String path, String message) {
        return new Problem(0, 0, path.replace("#", ""), message);
    }

    private JsonNode headed(JsonNode document) {
        if (!document.isObject() || document.has("format")) return document;
        ObjectNode headed = begun();
        headed.setAll((ObjectNode) document);
        return headed;
    }

    /** An empty document with its first line. */
    protected final ObjectNode begun() {
        return JsonNodeFactory.instance.objectNode().put("format", name());
    }

    /** The value's document without an id. */
    public abstract ObjectNode toJson(T value);

    /** The value as a file that keeps its id wherever it is taken. */
    public final String file(String id, T value) {
        ObjectNode document = begun().put(ID, id);
        document.setAll(toJson(value));
        return YamlText.print(document);
    }

    /** The id that a file brings along; empty if it has none. */
    public static Optional<String> idIn(String text) {
        return wordIn(text, ID);
    }

    /** The format that a file says it has; empty if it says none or cannot be read at all. */
    public static Optional<String> nameIn(String text) {
        return wordIn(text, "format");
    }

    private static Optional<String> wordIn(String text, String key) {
        try {
            return Optional.of(SourceText.read(text).root().path(key).asText()).filter(word -> !word.isBlank());
        } catch (SourceText.Unreadable e) {
            return Optional.empty();
        }
    }

    /** The value of a document that fits the schema; refuses by {@code cells} or by an {@link IllegalArgumentException}. */
    protected abstract T contents(JsonNode document, Cells cells);

    /** The least that can be read, to stand in for what is missing of something kept. */
    protected abstract ObjectNode blank();

    /** What an earlier version of the application kept, as this one would write it. */
    protected JsonNode upgraded(JsonNode kept) {
        return kept;
    }

    /** Everything in which two values differ, in the order of the document. */
    public List<Difference> differences(T before, T after) {
        return TreeDifference.between(toJson(before), toJson(after));
    }
}
