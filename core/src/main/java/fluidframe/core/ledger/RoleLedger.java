package fluidframe.core.ledger;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Directions;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.direction.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/** The running account of one role. */
public final class RoleLedger {
    private final Role role;
    private final Direction start;
    private final List<LedgerRow> rows;

    private RoleLedger(Role role, Direction start, List<LedgerRow> rows) {
        this.role = role;
        this.start = start;
        this.rows = List.copyOf(rows);
    }

    static RoleLedger of(Chart chart, Role role, PositionLine positions) {
        List<Step> steps = chart.steps(role);
        Rhythm rhythm = chart.rhythm(role);
        Direction start = Directions.before(steps);
        Direction foot = start;
        Direction body = start;
        int lag = 0;
        int running = 0;
        boolean up = !steps.isEmpty() && beginsUp(steps.get(0));
        Foot standing = stoodOnBefore(steps);
        List<LedgerRow> rows = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            Turn turn = step.turn();
            Direction expected = foot.plus(turn.footSixteenths());
            Direction laid = step.alignment().map(a -> a.footDirection()).orElse(expected);
            lag = turn.lagAfter(lag);
            running += turn.footSixteenths();
            if (step.weightTaken() == Weight.FULL) standing = step.foot();
            boolean during = step.rise().isUpDuring(up);
            boolean after = step.rise().isUpAfter(up);
            Direction facing = laid.plus(-lag);
            rows.add(new LedgerRow(
                    i + 1,
                    step,
                    rhythm.onset(i),
                    rhythm.onset(i + 1),
                    foot,
                    laid,
                    expected,
                    body,
                    facing,
                    lag,
                    running,
                    standing,
                    up,
                    during,
                    after,
                    positions.at(rhythm.onset(i)),
                    positions.holdAt(rhythm.onset(i))));
            foot = laid;
            body = facing;
            up = after;
        }
        return new RoleLedger(role, start, rows);
    }

    /** A figure whose first row lowers without rising was begun up. */
    private static boolean beginsUp(Step first) {
        return first.rise().lowers() && first.rise().actions().size() == 1;
    }

    public Role role() {
        return role;
    }

    /** Where the feet point before the first row. */
    public Direction start() {
        return start;
    }

    public List<LedgerRow> rows() {
        return rows;
    }

    public boolean isEmpty() {
        return rows.isEmpty();
    }

    /** The state after the last row; the role must have rows. */
    public LedgerRow last() {
        return rows.get(rows.size() - 1);
    }

    /** Signed sixteenths turned over the whole figure. */
    public int totalTurn() {
        return rows.isEmpty() ? 0 : last().running();
    }

    /** The foot that the first step leaves; a first row without a step names the foot stood on. */
    private static Foot stoodOnBefore(List<Step> steps) {
        if (steps.isEmpty()) return Foot.LEFT;
        Step first = steps.get(0);
        return first.isStep() ? first.foot().other() : first.foot();
    }
}
