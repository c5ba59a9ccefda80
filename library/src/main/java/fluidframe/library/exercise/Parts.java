package fluidframe.library.exercise;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** What drills and cards have in common. */
final class Parts {
    private Parts() {}

    static void texts(ObjectNode root, String key, List<?> texts) {
        ArrayNode array = root.putArray(key);
        texts.forEach(text -> array.add(text.toString()));
    }
}
