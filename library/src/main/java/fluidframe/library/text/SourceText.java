package fluidframe.library.text;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import com.fasterxml.jackson.dataformat.yaml.YAMLParser;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;

/** A YAML or JSON text as a tree, with the line and column of every node. Aliases and more than one document are refused. */
public final class SourceText {
    /** The longest text read, in characters. */
    public static final int MAX_CHARACTERS = 1_000_000;

    private static final StreamReadConstraints LIMITS = StreamReadConstraints.builder()
            .maxNestingDepth(20)
            .maxStringLength(20_000)
            .maxNumberLength(20)
            .build();
    private static final JsonFactory JSON = JsonFactory.builder()
            .streamReadConstraints(LIMITS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();
    private static final YAMLFactory YAML = YAMLFactory.builder()
            .streamReadConstraints(LIMITS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private final Map<String, JsonLocation> locations = new HashMap<>();
    private final boolean decimals;
    private JsonNode root;

    private SourceText(boolean decimals) {
        this.decimals = decimals;
    }

    /** Thrown with the one problem that stops the text from being read at all. */
    public static final class Unreadable extends Exception {
        private final transient Problem problem;

        Unreadable(Problem problem) {
            super(problem.toString());
            this.problem = problem;
        }

        public Problem problem() {
            return problem;
        }
    }

    /** Reads a text in which a number with a point is a word of the coach's, as in a chart. */
    public static SourceText read(String text) throws Unreadable {
        return read(text, false);
    }

    /** @param decimals whether numbers with a point are numbers, and not words */
    public static SourceText read(String text, boolean decimals) throws Unreadable {
        if (text.length() > MAX_CHARACTERS) {
            throw new Unreadable(new Problem(
                    1,
                    1,
                    "",
                    "A document must be at most " + MAX_CHARACTERS + " characters, but has " + text.length()));
        }
        if (text.isBlank())
            throw new Unreadable(new Problem(
                    1, 1, "", "The file is empty: it begins with its format, such as \"format: fluidframe/figure@1\""));
        SourceText source = new SourceText(decimals);
        boolean json = text.stripLeading().startsWith("{");
        try (JsonParser parser = json ? JSON.createParser(text) : YAML.createParser(text)) {
            parser.nextToken();
            source.root = source.node(parser, "");
            if (parser.nextToken() != null)
                throw at(parser.currentTokenLocation(), "", "The file must hold one document, but another follows");
            return source;
        } catch (JsonProcessingException e) {
            throw at(
                    e.getLocation(),
                    "",
                    "The text is not well-formed " + (json ? "JSON" : "YAML") + ": " + plain(e.getOriginalMessage()));
        } catch (IOException | RuntimeException e) {
            throw at(
                    null, "", "The text is not well-formed " + (json ? "JSON" : "YAML") + ": " + plain(e.getMessage()));
        }
    }

    /** Why a text cannot be read as a tree; empty if it can. */
    public static java.util.Optional<Problem> problemOf(String text) {
        try {
            read(text);
            return java.util.Optional.empty();
        } catch (Unreadable e) {
            return java.util.Optional.of(e.problem());
        }
    }

    private static String plain(String message) {
        return message == null
                ? "no further reason"
                : message.lines().findFirst().orElse("").trim();
    }

    private static Unreadable at(JsonLocation location, String path, String message) {
        int line = location == null ? 1 : Math.max(location.getLineNr(), 1);
        int column = location == null ? 1 : Math.max(location.getColumnNr(), 1);
        return new Unreadable(new Problem(line, column, path, message));
    }

    private JsonNode node(JsonParser parser, String path) throws IOException, Unreadable {
        locations.put(path, parser.currentTokenLocation());
        JsonToken token = parser.currentToken();
        JsonNodeFactory nodes = JsonNodeFactory.instance;
        if (token == null) throw at(parser.currentLocation(), path, "The text ends too early");
        if (parser instanceof YAMLParser yaml && yaml.isCurrentAlias()) {
            throw at(parser.currentTokenLocation(), path, "Aliases are not part of the format: write the value out");
        }
        switch (token) {
            case START_OBJECT:
                ObjectNode object = nodes.objectNode();
                while (parser.nextToken() != JsonToken.END_OBJECT) {
                    String name = parser.currentName();
                    JsonLocation where = parser.currentTokenLocation();
                    parser.nextToken();
                    String child = path + "/" + name.replace("~", "~0").replace("/", "~1");
                    object.set(name, node(parser, child));
                    locations.put(child + "#", where);
                }
                return object;
            case START_ARRAY:
                ArrayNode array = nodes.arrayNode();
                while (parser.nextToken() != JsonToken.END_ARRAY) array.add(node(parser, path + "/" + array.size()));
                return array;
            case VALUE_TRUE, VALUE_FALSE:
                return nodes.booleanNode(token == JsonToken.VALUE_TRUE);
            case VALUE_NUMBER_INT:
                return parser.getTextLength() < 10 && !parser.getText().contains("_")
                        ? nodes.numberNode(parser.getIntValue())
                        : nodes.textNode(parser.getText());
            case VALUE_NUMBER_FLOAT:
                return decimals && Double.isFinite(parser.getDoubleValue())
                        ? nodes.numberNode(parser.getDoubleValue())
                        : nodes.textNode(parser.getText());
            case VALUE_NULL:
                return nodes.nullNode();
            default:
                return nodes.textNode(parser.getText());
        }
    }

    public JsonNode root() {
        return root;
    }

    /** A problem at a node, or at its key for {@code path + "#"}. */
    public Problem problem(String path, String message) {
        String at = path;
        while (!locations.containsKey(at) && !at.isEmpty()) at = at.substring(0, at.lastIndexOf('/'));
        JsonLocation location = locations.get(at);
        return new Problem(
                location == null ? 1 : location.getLineNr(),
                location == null ? 1 : location.getColumnNr(),
                path.replace("#", ""),
                message);
    }
}
