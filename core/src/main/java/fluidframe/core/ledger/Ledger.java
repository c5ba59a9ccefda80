package fluidframe.core.ledger;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.List;

/** The account of a whole chart: both roles and the moments at which they can be compared. */
public final class Ledger {
    /** A beat at which a row of each role ends: there the two can be held against each other. */
    public record Moment(LedgerRow man, LedgerRow lady) {
        public LedgerRow of(Role role) {
            return role == Role.MAN ? man : lady;
        }
    }

    private final Chart chart;
    private final PositionLine positions;
    private final RoleLedger man;
    private final RoleLedger lady;

    private Ledger(Chart chart) {
        this.chart = chart;
        this.positions = new PositionLine(chart);
        this.man = RoleLedger.of(chart, Role.MAN, positions);
        this.lady = RoleLedger.of(chart, Role.LADY, positions);
    }

    public static Ledger of(Chart chart) {
        return new Ledger(chart);
    }

    public Chart chart() {
        return chart;
    }

    public PositionLine positions() {
        return positions;
    }

    public RoleLedger of(Role role) {
        return role == Role.MAN ? man : lady;
    }

    /** Pairs of rows that end on the same beat, in order. */
    public List<Moment> moments() {
        List<Moment> moments = new ArrayList<>();
        for (LedgerRow his : man.rows()) {
            lady.rows().stream()
                    .filter(hers -> hers.end().equals(his.end()))
                    .findFirst()
                    .ifPresent(hers -> moments.add(new Moment(his, hers)));
        }
        return moments;
    }

    /** Pairs of rows that start on the same beat, in order. */
    public List<Moment> onsets() {
        List<Moment> onsets = new ArrayList<>();
        for (LedgerRow his : man.rows()) {
            lady.rows().stream()
                    .filter(hers -> hers.onset().equals(his.onset()))
                    .findFirst()
                    .ifPresent(hers -> onsets.add(new Moment(his, hers)));
        }
        return onsets;
    }
}
