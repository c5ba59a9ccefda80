package fluidframe.library.shipped;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import fluidframe.core.routine.FreeElement;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** The free elements for showcase work that ship with the application. */
public final class FreeElements {
    private FreeElements() {}

    /** All of them, in the order in which a showcase would use them. */
    public static List<FreeElement> load() {
        try (InputStream in = FreeElements.class.getResourceAsStream("/free-elements.yaml")) {
            List<FreeElement> elements = new ArrayList<>();
            for (JsonNode node :
                    new ObjectMapper(new YAMLFactory()).readTree(in).path("elements")) {
                List<String> cautions = new ArrayList<>();
                node.path("cautions").forEach(caution -> cautions.add(caution.asText()));
                elements.add(new FreeElement(
                        node.path("id").asText(),
                        node.path("name").asText(),
                        node.path("summary").asText(),
                        node.path("usualBeats").asInt(),
                        cautions));
            }
            return elements;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
