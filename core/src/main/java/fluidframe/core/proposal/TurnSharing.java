package fluidframe.core.proposal;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The ways in which a turn can be shared by the row it is booked on and those before it: in eighths, at least one and at most
 * a half on each. The sum stays, and so does every row after it.
 */
public final class TurnSharing {
    private static final int EIGHTH = 2;
    /** A half, in eighths: more is not made on one row of several. */
    private static final int MOST_EIGHTHS = 4;
    /** A turn is prepared on three rows before the last at the most. */
    private static final int MOST_ROWS = 4;

    private TurnSharing() {}

    /**
     * One way.
     *
     * @param from the first row that takes a share, from 1
     * @param shares signed sixteenths, row by row
     */
    public record Way(int from, List<Integer> shares) {
        public Way {
            shares = List.copyOf(shares);
        }

        /** {@code "1/8, 1/8, 1/2, 1/4 on steps 3 to 6"}. */
        public String words() {
            return shares.stream()
                            .map(share -> TurnText.fraction(Math.abs(share)))
                            .collect(Collectors.joining(", "))
                    + " on steps " + from + " to " + (from + shares.size() - 1);
        }
    }

    /**
     * Every way of sharing the turn that ends on a row, the one over the fewest rows first, among those the most even; none for
     * a turn to both sides or one that is not counted in eighths.
     *
     * @param step the row on which the turn ends, from 1
     */
    public static List<Way> ways(Chart chart, Role role, int step) {
        List<Step> steps = chart.steps(role);
        if (step < 1 || step > steps.size()) {
            throw new IllegalArgumentException("The step must be from 1 to " + steps.size() + ", but was " + step);
        }
        List<Way> ways = new ArrayList<>();
        for (int rows = 2; rows <= Math.min(MOST_ROWS, step); rows++) {
            List<Integer> now = new ArrayList<>();
            for (Step row : steps.subList(step - rows, step)) now.add(row.turn().sixteenths());
            int total = now.stream().mapToInt(Integer::intValue).sum();
            boolean oneSide = now.stream().allMatch(turn -> turn * total >= 0);
            if (total == 0 || !oneSide || total % EIGHTH != 0) continue;
            List<Way> found = new ArrayList<>();
            share(Math.abs(total) / EIGHTH, rows, new ArrayList<>(), step - rows + 1, Integer.signum(total), found);
            found.removeIf(way -> way.shares().equals(now));
            found.sort(Comparator.comparingInt(TurnSharing::unevenness));
            ways.addAll(found);
        }
        return ways;
    }

    private static void share(int eighths, int rows, List<Integer> taken, int from, int side, List<Way> found) {
        if (rows == 0) {
            if (eighths == 0) {
                found.add(
                        new Way(from, taken.stream().map(e -> e * EIGHTH * side).toList()));
            }
            return;
        }
        for (int part = 1; part <= Math.min(MOST_EIGHTHS, eighths - rows + 1); part++) {
            taken.add(part);
            share(eighths - part, rows - 1, taken, from, side, found);
            taken.remove(taken.size() - 1);
        }
    }

    private static int unevenness(Way way) {
        int most = way.shares().stream().mapToInt(Math::abs).max().orElse(0);
        int least = way.shares().stream().mapToInt(Math::abs).min().orElse(0);
        return most - least;
    }

    /** The chart with the turn shared so, alignments turned along; empty if that is none of its ways. */
    public static Optional<Chart> of(Chart chart, Role role, int step, String words) {
        return ways(chart, role, step).stream()
                .filter(way -> way.words().equals(words))
                .findFirst()
                .map(way -> written(chart, role, way));
    }

    private static Chart written(Chart chart, Role role, Way way) {
        List<Step> steps = new ArrayList<>(chart.steps(role));
        int ahead = 0;
        for (int i = 0; i < way.shares().size(); i++) {
            int at = way.from() - 1 + i;
            Step row = steps.get(at);
            int change = way.shares().get(i) - row.turn().sixteenths();
            ahead += change;
            Turn turn = row.turn().plus(change);
            int turned = ahead;
            steps.set(at, row.withTurnAndAlignment(turn, row.alignment().map(a -> a.rotated(turned))));
        }
        return role == Role.MAN ? chart.withRows(steps, chart.lady()) : chart.withRows(chart.man(), steps);
    }
}
