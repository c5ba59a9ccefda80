package fluidframe.library.text;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;

/** The shape of a document by a shipped JSON Schema; what its values say is the core's to judge. */
public final class DocumentSchema {
    private final String text;
    private final Schema schema;

    private DocumentSchema(String text) {
        this.text = text;
        this.schema = compiled(text);
    }

    /** The schema of a kind of document, such as {@code figure}, in its first version. */
    public static DocumentSchema of(String kind) {
        String resource = "/schema/" + kind + "-1.schema.json";
        try (InputStream in = DocumentSchema.class.getResourceAsStream(resource)) {
            if (in == null) throw new IllegalStateException("The library must have " + resource + ", but has not");
            return new DocumentSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Another schema, made from one that ships. */
    public static DocumentSchema derived(JsonNode schema) {
        return new DocumentSchema(schema.toString());
    }

    private static Schema compiled(String text) {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(text, InputFormat.JSON);
    }

    /** The schema itself. */
    public String text() {
        return text;
    }

    /**
     * Everything in which a document does not fit.
     *
     * @param at makes a problem of a path, with {@code #} at its end for the key instead of the value, and a sentence
     */
    public List<Problem> problems(JsonNode document, BiFunction<String, String, Problem> at) {
        List<Problem> problems = new ArrayList<>();
        for (Error error : schema.validate(document)) {
            String path = pointer(error);
            if (error.getKeyword().equals("additionalProperties")) {
                problems.add(at.apply(
                        path + "/" + error.getProperty() + "#",
                        "The key \"" + error.getProperty() + "\" is not part of the format"));
            } else if (error.getKeyword().equals("required")) {
                problems.add(at.apply(path, "The key \"" + error.getProperty() + "\" is missing"));
            } else if (error.getKeyword().equals("pattern")) {
                problems.add(at.apply(path, pattern(path, error.getInstanceNode())));
            } else {
                problems.add(at.apply(path, sentence(path, error.getMessage())));
            }
        }
        return problems;
    }

    /** What a text must look like, in words instead of the schema's expression. */
    private static String pattern(String path, JsonNode found) {
        String key = path.substring(path.lastIndexOf('/') + 1);
        if (found.asText().isBlank()) return "\"" + key + "\" must not be blank";
        String wanted = key.equals("steps")
                ? "must be the numbers of two steps, such as 1-3"
                : "must be lower-case words joined by -, with a dot after the dance in the id of a figure";
        return "\"" + key + "\" " + wanted + ", but was \"" + found.asText() + "\"";
    }

    private static String pointer(Error error) {
        String path = error.getInstanceLocation().toString();
        return path.startsWith("$") ? path.substring(1).replace('.', '/').replaceAll("\\[(\\d+)]", "/$1") : path;
    }

    private static String sentence(String path, String message) {
        String key = path.substring(path.lastIndexOf('/') + 1);
        if (message.endsWith("array expected")) {
            return "\"" + key + "\" must be a list, such as [one, two]";
        }
        return "\"" + (key.isEmpty() ? "the document" : key) + "\": " + message.replaceFirst("^[^:]*: ", "");
    }
}
