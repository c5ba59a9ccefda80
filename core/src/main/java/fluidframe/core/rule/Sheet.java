package fluidframe.core.rule;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.FloorWalk;
import fluidframe.core.floor.Stride;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import java.util.List;

/** A chart worked out: the rows as charted, what adds up along them, and the feet on the floor. */
public record Sheet(Chart chart, Ledger ledger, FloorPlan floor) {
    public static Sheet of(Chart chart, Stride stride) {
        Ledger ledger = Ledger.of(chart);
        return new Sheet(chart, ledger, FloorWalk.plan(ledger, stride));
    }

    public static Sheet of(Chart chart) {
        return of(chart, Stride.USUAL);
    }

    public List<LedgerRow> rows(Role role) {
        return ledger.of(role).rows();
    }

    public boolean isForCouple() {
        return !chart.man().isEmpty() && !chart.lady().isEmpty();
    }
}
