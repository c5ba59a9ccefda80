package fluidframe.library.figure;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Two charts side by side: which row of one answers which row of the other, and which cells differ. Rows are paired so
 * that as few cells as possible differ, in order, by dynamic programming; a row may also stand alone.
 */
public final class ChartComparison {
    /** One cell of both rows; a side without the row is blank. */
    public record CellPair(String key, String left, String right, boolean same) {}

    /**
     * Two rows that answer each other.
     *
     * @param left the left row's number from 1, 0 if the right one stands alone
     * @param right the right row's number from 1, 0 if the left one stands alone
     */
    public record RowPair(String role, int left, int right, List<CellPair> cells, boolean same) {}

    /** Costs as much as a pair of which nearly half the cells differ. */
    private static final double ALONE = 0.45;

    private ChartComparison() {}

    /** The paired rows of both roles, the man's first. */
    public static List<RowPair> rows(Chart left, Chart right) {
        List<RowPair> pairs = new ArrayList<>();
        for (Role role : Role.values()) pairs.addAll(paired(role, left.dance(), left.steps(role), right.steps(role)));
        return pairs;
    }

    private static List<RowPair> paired(Role role, Dance dance, List<Step> left, List<Step> right) {
        double[][] cost = new double[left.size() + 1][right.size() + 1];
        for (int i = left.size(); i >= 0; i--) {
            for (int j = right.size(); j >= 0; j--) {
                double best = i == left.size() && j == right.size() ? 0 : Double.MAX_VALUE;
                if (i < left.size()) best = Math.min(best, cost[i + 1][j] + ALONE);
                if (j < right.size()) best = Math.min(best, cost[i][j + 1] + ALONE);
                if (i < left.size() && j < right.size()) {
                    best = Math.min(best, cost[i + 1][j + 1] + difference(dance, left.get(i), right.get(j)));
                }
                cost[i][j] = best;
            }
        }
        List<RowPair> pairs = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < left.size() || j < right.size()) {
            boolean both = i < left.size()
                    && j < right.size()
                    && cost[i][j] == cost[i + 1][j + 1] + difference(dance, left.get(i), right.get(j));
            boolean leftAlone = !both && i < left.size() && cost[i][j] == cost[i + 1][j] + ALONE;
            pairs.add(pair(role, dance, both || leftAlone ? i : -1, both || !leftAlone ? j : -1, left, right));
            if (both || leftAlone) i++;
            if (both || !leftAlone) j++;
        }
        return pairs;
    }

    private static double difference(Dance dance, Step one, Step other) {
        double differ = 0;
        for (Column column : Column.values()) {
            boolean remark =
                    column == Column.NOTE || column == Column.LEAD || column == Column.SAY || column == Column.DETAIL;
            if (!remark && !column.of(one, dance).equals(column.of(other, dance)))
                differ += column.isRequired() ? 2 : 1;
        }
        return differ / (Column.values().length + 1);
    }

    private static RowPair pair(Role role, Dance dance, int i, int j, List<Step> left, List<Step> right) {
        List<CellPair> cells = new ArrayList<>();
        boolean same = i >= 0 && j >= 0;
        for (Column column : Column.values()) {
            String one = i < 0 ? "" : column.of(left.get(i), dance);
            String other = j < 0 ? "" : column.of(right.get(j), dance);
            if (one.isEmpty() && other.isEmpty()) continue;
            boolean equal = one.equals(other);
            same &= equal;
            cells.add(new CellPair(column.key(), one, other, equal));
        }
        return new RowPair(role.toString(), i + 1, j + 1, Collections.unmodifiableList(cells), same);
    }
}
