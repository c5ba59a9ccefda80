package fluidframe.library.figure;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.chart.Chart;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What changed between two charts of a figure: rows cell by cell, everything else key by key. */
public final class ChartDifference {
    /**
     * One change.
     *
     * @param role man or lady for a row, empty otherwise
     * @param step the row from 1, 0 otherwise
     * @param key the column or the key of the document
     * @param before the text before, empty if there was none
     * @param after the text after, empty if there is none
     */
    public record Change(String role, int step, String key, String before, String after) {}

    private ChartDifference() {}

    public static List<Change> between(Chart before, Chart after) {
        JsonNode left = ChartWriter.toJson(before);
        JsonNode right = ChartWriter.toJson(after);
        List<Change> changes = new ArrayList<>();
        for (String key : keys(left, right)) {
            if (key.equals("man") || key.equals("lady")) rows(key, left.path(key), right.path(key), changes);
            else cell("", 0, key, left.path(key), right.path(key), changes);
        }
        return changes;
    }

    private static void rows(String role, JsonNode left, JsonNode right, List<Change> changes) {
        for (int i = 0; i < Math.max(left.size(), right.size()); i++) {
            for (String key : keys(left.path(i), right.path(i))) {
                cell(role, i + 1, key, left.path(i).path(key), right.path(i).path(key), changes);
            }
        }
    }

    private static void cell(String role, int step, String key, JsonNode left, JsonNode right, List<Change> changes) {
        if (!left.equals(right)) changes.add(new Change(role, step, key, text(left), text(right)));
    }

    private static String text(JsonNode node) {
        if (node.isMissingNode()) return "";
        return node.isValueNode() ? node.asText() : node.toString();
    }

    private static Set<String> keys(JsonNode left, JsonNode right) {
        Set<String> keys = new LinkedHashSet<>();
        left.fieldNames().forEachRemaining(keys::add);
        right.fieldNames().forEachRemaining(keys::add);
        return keys;
    }
}
