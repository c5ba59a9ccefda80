package fluidframe.library.text;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.yaml.snakeyaml.DumperOptions;
import org.yaml.snakeyaml.emitter.Emitter;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;
import org.yaml.snakeyaml.nodes.Tag;
import org.yaml.snakeyaml.resolver.Resolver;
import org.yaml.snakeyaml.serializer.Serializer;

/** Prints a document as YAML with every row and every short list on one line, so that a change reads well in a diff. */
public final class YamlText {
    private YamlText() {}

    public static String print(JsonNode root) {
        DumperOptions options = new DumperOptions();
        options.setWidth(1000);
        options.setSplitLines(false);
        options.setIndent(2);
        options.setIndicatorIndent(2);
        options.setIndentWithIndicator(true);
        StringWriter text = new StringWriter();
        try {
            Serializer serializer = new Serializer(new Emitter(text, options), new Resolver(), options, Tag.MAP);
            serializer.open();
            serializer.serialize(node(root, DumperOptions.FlowStyle.BLOCK));
            serializer.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static Node node(JsonNode json, DumperOptions.FlowStyle style) {
        if (json.isObject()) {
            List<NodeTuple> tuples = new ArrayList<>();
            json.properties()
                    .forEach(e -> tuples.add(new NodeTuple(
                            scalar(Tag.STR, e.getKey()), node(e.getValue(), styleOf(e.getValue(), style)))));
            return new MappingNode(Tag.MAP, tuples, style);
        }
        if (json.isArray()) {
            List<Node> items = new ArrayList<>();
            json.forEach(item -> items.add(
                    node(item, hasRows(item) ? DumperOptions.FlowStyle.BLOCK : DumperOptions.FlowStyle.FLOW)));
            return new SequenceNode(Tag.SEQ, items, style);
        }
        return scalar(
                json.isBoolean() ? Tag.BOOL : json.isInt() ? Tag.INT : json.isNumber() ? Tag.FLOAT : Tag.STR,
                json.asText());
    }

    /** Rows go below each other; a list of words, a start, a total fit on their key's line. */
    private static DumperOptions.FlowStyle styleOf(JsonNode value, DumperOptions.FlowStyle around) {
        boolean listOfObjects =
                value.isArray() && !value.isEmpty() && value.get(0).isObject();
        boolean sentences = value.isArray() && value.toString().length() > 100;
        return around == DumperOptions.FlowStyle.BLOCK && (listOfObjects || sentences)
                ? DumperOptions.FlowStyle.BLOCK
                : DumperOptions.FlowStyle.FLOW;
    }

    private static boolean hasRows(JsonNode item) {
        return item.isObject() && item.has("man");
    }

    private static Node scalar(Tag tag, String text) {
        return new ScalarNode(tag, text, null, null, DumperOptions.ScalarStyle.PLAIN);
    }
}
