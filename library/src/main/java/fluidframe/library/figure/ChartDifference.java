package fluidframe.library.figure;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** What changed between two charts of a figure: rows that answer each other cell by cell, everything else key by key. */
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

    /** The changes from one chart to another; a row put in or taken out does not shift the rows behind it. */
    public static List<Change> between(Chart before, Chart after) {
        JsonNode left = ChartWriter.toJson(before);
        JsonNode right = ChartWriter.toJson(after);
        List<Change> changes = new ArrayList<>();
        for (String key : keys(left, right)) {
            if (!isRole(key)) cell("", 0, key, left.path(key), right.path(key), changes);
        }
        for (ChartComparison.RowPair pair : ChartComparison.rows(before, after)) {
            row(pair, row(left, pair.role(), pair.left()), row(right, pair.role(), pair.right()), changes);
        }
        return changes;
    }

    private static boolean isRole(String key) {
        return Stream.of(Role.values()).anyMatch(role -> role.toString().equals(key));
    }

    /** A row as it is written, nothing for the number 0. */
    private static JsonNode row(JsonNode chart, String role, int number) {
        return number == 0 ? MissingNode.getInstance() : chart.path(role).path(number - 1);
    }

    /** A row that is gone is told under its old number, every other under the new one. */
    private static void row(ChartComparison.RowPair pair, JsonNode left, JsonNode right, List<Change> changes) {
        int step = pair.right() == 0 ? pair.left() : pair.right();
        for (String key : keys(left, right)) {
            cell(pair.role(), step, key, left.path(key), right.path(key), changes);
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
