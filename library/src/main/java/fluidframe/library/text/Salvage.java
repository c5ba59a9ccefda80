package fluidframe.library.text;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Reads as much of a kept document as can be read: a value that cannot be is taken from the blank document or left out, an
 * element of a list that cannot be is left out. Each round mends at least one piece.
 */
final class Salvage<T> {
    private final Format<T> format;
    private final ObjectNode blank;
    private final Set<Problem> told = new LinkedHashSet<>();

    Salvage(Format<T> format, ObjectNode blank) {
        this.format = format;
        this.blank = blank;
    }

    Salvaged<T> read(JsonNode document) {
        if (!document.isObject()) {
            Problem problem = new Problem(0, 0, "", "What was kept is no document of this kind");
            return new Salvaged<>(format.read(blank).orThrow(), List.of(problem));
        }
        ObjectNode mended = document.deepCopy();
        leaveOutNulls(mended);
        while (true) {
            ReadResult<T> result = format.read(mended);
            if (result.value().isPresent()) return new Salvaged<>(result.value().get(), List.copyOf(told));
            told.addAll(result.problems());
            if (!mendAll(mended, result.problems())) {
                return new Salvaged<>(named(mended), List.copyOf(told));
            }
        }
    }

    /** Older rows said null where nothing was said. */
    private static void leaveOutNulls(JsonNode node) {
        if (node instanceof ObjectNode object)
            object.properties().removeIf(field -> field.getValue().isNull());
        node.forEach(Salvage::leaveOutNulls);
    }

    /** The blank one under the name of what was kept, if that can be read. */
    private T named(ObjectNode document) {
        ObjectNode named = blank.deepCopy();
        if (document.path("name").isTextual()) named.set("name", document.get("name"));
        return format.read(named).value().orElseGet(() -> format.read(blank).orThrow());
    }

    /** Later elements of a list go first, so that the places of the others still hold. */
    private boolean mendAll(ObjectNode document, List<Problem> problems) {
        List<String> paths = new ArrayList<>();
        for (Problem problem : problems) if (!paths.contains(problem.path())) paths.add(problem.path());
        paths.sort(Comparator.comparing((String path) -> sortable(path)).reversed());
        boolean mended = false;
        for (String path : paths) mended |= mend(document, path);
        return mended;
    }

    private static String sortable(String path) {
        StringBuilder sortable = new StringBuilder();
        for (String part : path.split("/"))
            sortable.append(part.matches("\\d+") ? "0".repeat(9 - part.length()) + part : part)
                    .append('/');
        return sortable.toString();
    }

    private boolean mend(ObjectNode document, String path) {
        if (path.isEmpty()) return fill(document, blank);
        int slash = path.lastIndexOf('/');
        JsonNode parent = document.at(path.substring(0, slash));
        String key = path.substring(slash + 1).replace("~1", "/").replace("~0", "~");
        if (parent instanceof ArrayNode array) {
            int index = Integer.parseInt(key);
            return index < array.size() && array.remove(index) != null;
        }
        if (!(parent instanceof ObjectNode object)) return false;
        JsonNode usual = blank.at(path);
        if (usual instanceof ObjectNode whole && object.get(key) instanceof ObjectNode part && fill(part, whole))
            return true;
        if (!usual.isMissingNode()) return !usual.equals(object.replace(key, usual));
        return object.remove(key) != null;
    }

    /** Puts in what is lacking. */
    private static boolean fill(ObjectNode document, ObjectNode usual) {
        boolean filled = false;
        for (var entry : usual.properties()) {
            if (document.has(entry.getKey())) continue;
            document.set(entry.getKey(), entry.getValue());
            filled = true;
        }
        return filled;
    }
}
