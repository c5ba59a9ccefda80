package fluidframe.library.figure;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.text.DocumentSchema;
import fluidframe.library.text.Problem;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;

/** The shape of a chart document by the shipped JSON Schema; what the cells say is the core's to judge. */
public final class ChartSchema {
    private static final DocumentSchema SCHEMA = DocumentSchema.of("figure");

    private static final Set<String> OF_SHAPE = Set.of("type", "properties", "items", "$ref", "$defs", "$schema");

    /** The same without what is said of the values: only what is a list, an object or a value of any kind. */
    private static final DocumentSchema SHAPE = DocumentSchema.derived(shapeOnly());

    private ChartSchema() {}

    /**
     * Where unsaved work is not even shaped like a chart: a list where an object has to be, or the other way. What the values say
     * is not asked, for unsaved work may say anything.
     */
    public static List<Problem> shapeProblems(JsonNode document) {
        return SHAPE.problems(document, (path, message) -> new Problem(0, 0, path, message));
    }

    private static JsonNode shapeOnly() {
        try {
            ObjectNode shape = (ObjectNode) shapeOnly(new ObjectMapper().readTree(SCHEMA.text()), false);
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

    static List<Problem> problems(JsonNode document, BiFunction<String, String, Problem> at) {
        return SCHEMA.problems(document, at);
    }
}
