package fluidframe.library.text;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.library.exchange.Formats;
import fluidframe.library.figure.ChartFormat;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;

/** The page that describes the formats: an example of each, and every key as its schema has it. */
final class FormatsPage {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private FormatsPage() {}

    static String text() throws IOException {
        StringBuilder page = new StringBuilder(resource("head.md"));
        for (Format<?> format : Formats.ALL) {
            // Charts have a page of their own.
            if (format == ChartFormat.CHART) continue;
            JsonNode schema = MAPPER.readTree(format.schema().text());
            page.append("\n## `").append(format.name()).append("`\n");
            page.append(schema.path("description").asText()).append("\n```yaml\n");
            page.append(resource(format.kind() + ".yaml")).append("```\n");
            keys(page, "", schema, schema);
            String note = resource(format.kind() + ".md");
            if (!note.isEmpty()) page.append('\n').append(note);
        }
        return page.append('\n').append(resource("tail.md")).toString();
    }

    private static String resource(String name) throws IOException {
        try (var in = FormatsPage.class.getResourceAsStream("/formats/" + name)) {
            return in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A table of the keys, and one of each part that they are made of. */
    private static void keys(StringBuilder page, String of, JsonNode object, JsonNode schema) {
        Set<String> parts = new LinkedHashSet<>();
        List<String> rows = new ArrayList<>();
        Set<String> required = StreamSupport.stream(object.path("required").spliterator(), false)
                .map(JsonNode::asText)
                .collect(Collectors.toSet());
        object.path("properties").properties().forEach(key -> {
            if (key.getKey().equals("format")) return;
            String what = what(key.getValue(), parts);
            String said = key.getValue().path("description").asText();
            rows.add("| `" + key.getKey() + "` | " + (required.contains(key.getKey()) ? "yes" : "") + " | " + what
                    + (said.isEmpty() ? "" : "; " + said.replace("|", "\\|")) + " |");
        });
        if (rows.isEmpty()) return;
        page.append('\n').append(of.isEmpty() ? "" : "A `" + of + "`:\n\n");
        page.append("| key | needed | what |\n|---|---|---|\n");
        rows.forEach(row -> page.append(row).append('\n'));
        for (String part : parts) {
            if (!part.equals(of)) keys(page, part, schema.at("/$defs/" + part), schema);
        }
    }

    private static String what(JsonNode value, Set<String> parts) {
        if (value.has("$ref")) {
            String part = value.get("$ref").asText().replaceFirst(".*/", "");
            parts.add(part);
            return "`" + part + "`";
        }
        if (value.has("enum")) {
            return "one of "
                    + StreamSupport.stream(value.get("enum").spliterator(), false)
                            .map(JsonNode::asText)
                            .map(word -> word.isEmpty() ? "nothing" : word)
                            .collect(Collectors.joining(", "));
        }
        return switch (value.path("type").asText()) {
            case "array" -> "list of " + what(value.path("items"), parts) + counted(value, "minItems", "maxItems", "");
            case "string" -> "text" + counted(value, "minLength", "maxLength", " letters");
            case "integer" -> "whole number" + counted(value, "minimum", "maximum", "");
            case "number" -> "number" + counted(value, "minimum", "maximum", "");
            case "boolean" -> "true or false";
            case "object" -> "keys and values";
            default -> value.has("oneOf") || value.has("anyOf") ? either(value, parts) : "anything";
        };
    }

    private static String either(JsonNode value, Set<String> parts) {
        JsonNode ways = value.has("oneOf") ? value.get("oneOf") : value.get("anyOf");
        return StreamSupport.stream(ways.spliterator(), false)
                .map(way -> what(way, parts))
                .collect(Collectors.joining(" or "));
    }

    private static String counted(JsonNode value, String least, String most, String unit) {
        if (value.has(least) && value.has(most))
            return ", " + value.get(least).asText() + " to " + value.get(most).asText() + unit;
        if (value.has(most)) return ", at most " + value.get(most).asText() + unit;
        return value.has(least) ? ", at least " + value.get(least).asText() + unit : "";
    }
}
