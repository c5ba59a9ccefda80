package fluidframe.library;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
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
import java.util.Set;
import java.util.function.BiFunction;

/** The shape of a chart document by the shipped JSON Schema; what the cells say is the core's to judge. */
public final class ChartSchema {
    /** Where the schema lies on the class path. */
    public static final String RESOURCE = "/schema/figure-1.schema.json";

    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(text(), InputFormat.JSON);

    private static final Set<String> OF_SHAPE = Set.of("type", "properties", "items", "$ref", "$defs", "$schema");

    /** The same without what is said of the values: only what is a list, an object or a value of any kind. */
    private static final Schema SHAPE = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(shapeOnly().toString(), InputFormat.JSON);

    private ChartSchema() {}

    /**
     * Where unsaved work is not even shaped like a chart: a list where an object has to be, or the other way. What the values say
     * is not asked, for unsaved work may say anything.
     */
    public static List<Problem> shapeProblems(JsonNode document) {
        List<Problem> problems = new ArrayList<>();
        for (Error error : SHAPE.validate(document)) {
            String path = pointer(error);
            boolean missing = error.getKeyword().equals("required");
            String message =
                    missing ? "The key \"" + error.getProperty() + "\" is missing" : sentence(path, error.getMessage());
            problems.add(new Problem(0, 0, path, message));
        }
        return problems;
    }

    private static JsonNode shapeOnly() {
        try {
            ObjectNode shape = (ObjectNode) shapeOnly(new ObjectMapper().readTree(text()), false);
            // By these a figure is found and headed, whatever else is still missing.
            for (String key : List.of("id", "dance", "name")) {
                shape.withArray("required").add(key);
                ((ObjectNode) shape.at("/properties/" + key)).put("type", "string");
            }
            return shape;
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("The shipped schema must be JSON", e);
        }
    }

    /** @param named whether the keys of the node are names of the format and not words of the schema */
    private static JsonNode shapeOnly(JsonNode schema, boolean named) {
        if (!schema.isObject()) return schema;
        ObjectNode kept = JsonNodeFactory.instance.objectNode();
        schema.properties().forEach(entry -> {
            if (!named && !OF_SHAPE.contains(entry.getKey())) return;
            boolean names = !named
                    && (entry.getKey().equals("properties") || entry.getKey().equals("$defs"));
            kept.set(entry.getKey(), shapeOnly(entry.getValue(), names));
        });
        boolean container =
                Set.of("array", "object").contains(schema.path("type").asText());
        if (!named && kept.has("type") && !container) kept.set("type", anyValue());
        if (!named && !kept.has("type") && schema.has("enum")) kept.set("type", anyValue());
        return kept;
    }

    private static JsonNode anyValue() {
        return JsonNodeFactory.instance.arrayNode().add("string").add("number").add("boolean");
    }

    /** The schema itself. */
    public static String text() {
        try (InputStream in = ChartSchema.class.getResourceAsStream(RESOURCE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static List<Problem> problems(JsonNode document, BiFunction<String, String, Problem> at) {
        List<Problem> problems = new ArrayList<>();
        for (Error error : SCHEMA.validate(document)) {
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
        return "\"" + (key.isEmpty() ? "the document" : key) + "\": " + message.replaceFirst("^[^:]*: ", "");
    }
}
