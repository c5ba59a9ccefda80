package fluidframe.core.rule;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.FloorWalk;
import fluidframe.core.floor.Stride;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/** A chart worked out: the rows as charted, what adds up along them, and the feet on the floor. */
public record Sheet(Chart chart, Ledger ledger, FloorPlan floor) {
    public static Sheet of(Chart chart, Stride stride) {
        Ledger ledger = Ledger.of(chart);
        return new Sheet(chart, ledger, FloorWalk.plan(ledger, stride));
    }

    public static Sheet of(Chart chart) {
        return of(chart, Stride.usual(chart.dance()));
    }

    public List<LedgerRow> rows(Role role) {
        return ledger.of(role).rows();
    }

    public boolean isForCouple() {
        return !chart.isSolo();
    }

    /** What a judgement of single rows says, the man's rows first. */
    public List<Finding> perRow(BiFunction<Role, LedgerRow, Optional<Finding>> judge) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : rows(role)) judge.apply(role, row).ifPresent(findings::add);
        }
        return findings;
    }

    /** What a judgement of rows that begin together says, in order of time. */
    public List<Finding> perOnset(Function<Ledger.Moment, Optional<Finding>> judge) {
        return ledger.onsets().stream()
                .flatMap(moment -> judge.apply(moment).stream())
                .toList();
    }
}
