package fluidframe.library.text;

import com.fasterxml.jackson.databind.JsonNode;
import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;

/** Where two documents differ: key by key, lists element by element in their order. */
public final class TreeDifference {
    private TreeDifference() {}

    public static List<Difference> between(JsonNode before, JsonNode after) {
        List<Difference> differences = new ArrayList<>();
        compare("", before, after, differences);
        return differences;
    }

    private static void compare(String where, JsonNode before, JsonNode after, List<Difference> differences) {
        if (before.equals(after)) return;
        if (before.isObject() && after.isObject()) {
            for (String key : keys(before, after)) {
                String words = words(key);
                compare(where.isEmpty() ? words : where + ", " + words, before.path(key), after.path(key), differences);
            }
        } else if (before.isArray() && after.isArray()) {
            List<String> old = texts(before);
            List<String> now = texts(after);
            differences.addAll(lists(where, old, now));
        } else {
            differences.add(new Difference(where, text(before), text(after)));
        }
    }

    /** Where two lists differ; places count in the later one from 1. */
    public static List<Difference> lists(String where, List<String> before, List<String> after) {
        List<Difference> differences = new ArrayList<>();
        for (AbstractDelta<String> delta : DiffUtils.diff(before, after).getDeltas()) {
            List<String> gone = delta.getSource().getLines();
            List<String> come = delta.getTarget().getLines();
            int place = delta.getTarget().getPosition() + 1;
            for (int i = 0; i < Math.max(gone.size(), come.size()); i++) {
                differences.add(new Difference(
                        where + " " + (place + i),
                        i < gone.size() ? gone.get(i) : "",
                        i < come.size() ? come.get(i) : ""));
            }
        }
        return differences;
    }

    private static List<String> texts(JsonNode list) {
        return StreamSupport.stream(list.spliterator(), false)
                .map(TreeDifference::text)
                .toList();
    }

    private static String text(JsonNode node) {
        if (node.isMissingNode() || node.isNull()) return "";
        if (node.isObject()) {
            return node.properties().stream()
                    .map(entry -> words(entry.getKey()) + " " + text(entry.getValue()))
                    .collect(Collectors.joining(", "));
        }
        if (node.isArray()) return String.join(", ", texts(node));
        if (node.isBoolean()) return node.asBoolean() ? "yes" : "no";
        boolean whole = node.isDouble() && node.asDouble() == Math.rint(node.asDouble());
        return whole ? String.valueOf(node.asLong()) : node.asText();
    }

    /** {@code barsPerMinute} as "bars per minute". */
    private static String words(String key) {
        return key.replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    }

    private static Set<String> keys(JsonNode before, JsonNode after) {
        Set<String> keys = new LinkedHashSet<>();
        before.fieldNames().forEachRemaining(keys::add);
        after.fieldNames().forEachRemaining(keys::add);
        return keys;
    }
}
