package fluidframe.library.archive;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.cfg.JsonNodeFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;

/** Texts as a studio keeps them, which do not name their id, as documents of the open format and back. */
final class KeptText {
    private static final String FORMAT = "format";
    private static final String ID = "id";
    private static final int DEEPEST = 40;

    static final ObjectMapper MAPPER = JsonMapper.builder(com.fasterxml.jackson.core.JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();

    private KeptText() {}

    /** The text as a tree, if the tree gives the text back to the character. */
    static Optional<ObjectNode> exactly(String text) {
        try {
            JsonNode tree = MAPPER.readTree(text);
            return tree instanceof ObjectNode object && tree.toString().equals(text)
                    ? Optional.of(object)
                    : Optional.empty();
        } catch (JsonProcessingException e) {
            return Optional.empty();
        }
    }

    /** The same with its id in the second line, if it names its format in the first and has no id of its own. */
    static Optional<ObjectNode> asDocument(String id, String text) {
        return exactly(text)
                .filter(tree -> !tree.has(ID)
                        && tree.fieldNames().hasNext()
                        && tree.fieldNames().next().equals(FORMAT))
                .map(tree -> {
                    ObjectNode document = MAPPER.createObjectNode();
                    document.set(FORMAT, tree.get(FORMAT));
                    document.put(ID, id);
                    document.setAll(tree);
                    return document;
                });
    }

    /** The text that a document was made of. */
    static String ofDocument(JsonNode document) {
        if (document instanceof ObjectNode object) object.remove(ID);
        return document.toString();
    }
}
