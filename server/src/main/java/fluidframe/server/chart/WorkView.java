package fluidframe.server.chart;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.check.RuleBook;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.count.Tempo;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.floor.Circling;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.ledger.RoleLedger;
import fluidframe.core.rule.Severity;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.lang.Nullable;

/** A chart worked out, ready to be drawn: directions in sixteenths clockwise from the line of dance, places in metres. */
public record WorkView(
        String bars,
        double beats,
        int beatsPerBar,
        double startBeat,
        RoleView man,
        RoleView lady,
        List<FindingView> findings,
        int broken,
        int doubtful,
        int notes,
        FloorView floor,
        AidsView aids,
        List<String> bodyColumns,
        List<AxisLine> axis) {

    /** One role's account. */
    public record RoleView(int start, String turn, List<RowView> rows) {}

    /**
     * The state after one row; {@code facing} names the direction of the foot, and {@code computed} tells that it comes from the
     * turn, not from the chart.
     */
    public record RowView(
            int number,
            String count,
            double onset,
            double length,
            String beats,
            String at,
            double seconds,
            String spoken,
            int foot,
            String facing,
            int body,
            int running,
            int turn,
            String turnKind,
            String turned,
            boolean computed,
            String standing,
            boolean up,
            String position,
            String hold,
            boolean doubtful) {}

    /** A finding; {@code role} is null for the figure as a whole, {@code variant} names the variant it is about. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record FindingView(
            String rule,
            String severity,
            @Nullable String role,
            int step,
            String reason,
            @Nullable FixView fix,
            @Nullable String accepted,
            @Nullable String variant) {}

    /** A change of one cell; {@code column} is the key of the cell in the chart format. */
    public record FixView(String label, String role, int step, String column, String text) {}

    /** Feet of both dancers, where their tracks cross, whether the dance goes along the line of dance, and the common centre. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record FloorView(
            List<FootView> feet,
            PlaceView startMan,
            PlaceView startLady,
            List<PlaceView> crossings,
            boolean moving,
            @Nullable CircleView circle) {}

    /** A common centre; {@code inside} is man, lady or neither. */
    public record CircleView(double x, double y, double manMetres, double ladyMetres, String turned, String inside) {}

    /** One foot on the floor; {@code cx, cy, body} are the middle and the direction of the body after the row. */
    public record FootView(
            String role,
            int number,
            double onset,
            double end,
            String foot,
            String weight,
            double x,
            double y,
            double direction,
            double cx,
            double cy,
            double body) {}

    /** A place in metres. */
    public record PlaceView(double x, double y) {
        public static PlaceView of(Point point) {
            return new PlaceView(rounded(point.x()), rounded(point.y()));
        }
    }

    public static WorkView of(Sheet sheet) {
        return of(sheet, usualTempo(sheet.chart()));
    }

    static Tempo usualTempo(Chart chart) {
        double middle = (chart.dance().slowestBarsPerMinute() + chart.dance().fastestBarsPerMinute()) / 2.0;
        return new Tempo(middle, chart.dance().beatsPerBar());
    }

    /**
     * Without the findings that come only from rows that could not be read: those of the figure as a whole and of later rows.
     *
     * @param rowsRead how many rows of a role were read, for the roles of which not all were
     */
    WorkView upTo(Map<Role, Integer> rowsRead) {
        if (rowsRead.isEmpty()) return this;
        int last = rowsRead.values().stream().mapToInt(Integer::intValue).min().orElseThrow();
        List<FindingView> kept = findings.stream()
                .filter(finding -> finding.step() > 0 && finding.step() < last && finding.variant() == null)
                .toList();
        return new WorkView(
                bars,
                beats,
                beatsPerBar,
                startBeat,
                man,
                lady,
                kept,
                count(kept, Severity.BROKEN),
                count(kept, Severity.DOUBTFUL),
                count(kept, Severity.NOTE),
                floor,
                aids,
                bodyColumns,
                axis);
    }

    private static int count(List<FindingView> findings, Severity severity) {
        return (int) findings.stream()
                .filter(finding -> finding.accepted() == null)
                .filter(finding -> finding.severity().equals(severity.toString()))
                .count();
    }

    public static WorkView of(Sheet sheet, Tempo tempo) {
        Chart chart = sheet.chart();
        List<RuleBook.Checked> checked = RuleBook.standard().checkWithVariants(sheet);
        return new WorkView(
                bars(chart),
                chart.length().toDouble(),
                chart.dance().beatsPerBar(),
                chart.startBeat().toDouble(),
                role(sheet, Role.MAN, tempo),
                role(sheet, Role.LADY, tempo),
                checked.stream().map(WorkView::finding).toList(),
                (int) checked.stream().filter(RuleBook.Checked::isBroken).count(),
                open(checked, Severity.DOUBTFUL),
                open(checked, Severity.NOTE),
                floor(sheet.floor(), chart.dance().isMoving()),
                AidsView.of(sheet),
                bodyColumns(chart.dance()),
                AxisLine.of(sheet.ledger()));
    }

    /** The columns of the body that a dance uses, so that empty cells of the others need not show. */
    private static List<String> bodyColumns(Dance dance) {
        List<String> columns = new ArrayList<>();
        if (dance.hasRise()) columns.add(Column.RISE.key());
        if (dance.hasSway()) columns.add(Column.SWAY.key());
        if (dance.isMoving()) columns.add(Column.CBM.key());
        if (dance.hasHipAction()) columns.add(Column.HIP.key());
        if (dance.hasBounce()) columns.add(Column.BOUNCE.key());
        return columns;
    }

    private static int open(List<RuleBook.Checked> checked, Severity severity) {
        return (int) checked.stream()
                .filter(c -> c.isOpen() && c.finding().severity() == severity)
                .count();
    }

    public static String bars(Chart chart) {
        int whole = chart.length().dividedBy(chart.dance().bar());
        var rest = chart.length().remainder(chart.dance().bar());
        String bars = whole + (whole == 1 ? " bar" : " bars");
        if (rest.isZero()) return bars;
        return (whole == 0 ? "" : bars + " ") + rest + (rest.equals(Beats.ONE) ? " beat" : " beats");
    }

    private static RoleView role(Sheet sheet, Role role, Tempo tempo) {
        RoleLedger ledger = sheet.ledger().of(role);
        return new RoleView(
                ledger.start().sixteenths(),
                TurnText.amount(ledger.totalTurn()),
                ledger.rows().stream().map(row -> row(sheet, row, tempo)).toList());
    }

    private static RowView row(Sheet sheet, LedgerRow row, Tempo tempo) {
        Dance dance = sheet.chart().dance();
        Beats at = sheet.chart().startBeat().plus(row.onset());
        return new RowView(
                row.number(),
                row.step().count().text(sheet.chart().dance().beatsPerBar()),
                row.onset().toDouble(),
                row.end().minus(row.onset()).toDouble(),
                row.end().minus(row.onset()).toString(),
                (at.dividedBy(dance.bar()) + 1) + ":"
                        + at.remainder(dance.bar()).plus(Beats.ONE),
                row.end().minus(row.onset()).toSeconds(tempo).doubleValue(),
                row.step().spoken(),
                row.foot().sixteenths(),
                row.foot().toString(),
                row.body().sixteenths(),
                row.running(),
                row.step().turn().footSixteenths(),
                row.step().turn().kind().toString(),
                TurnText.amount(row.running()),
                row.isComputed(),
                row.standing().toString(),
                row.up(),
                row.position().toString(),
                row.hold().toString(),
                row.step().doubtful());
    }

    private static FindingView finding(RuleBook.Checked checked) {
        var finding = checked.finding();
        return new FindingView(
                finding.rule().text(),
                finding.severity().toString(),
                finding.role().map(Role::toString).orElse(null),
                finding.step(),
                finding.told(),
                finding.fix()
                        .filter(fix -> checked.variant().isEmpty())
                        .map(fix ->
                                new FixView(fix.label(), fix.role().toString(), fix.step(), fix.column(), fix.text()))
                        .orElse(null),
                checked.accepted().orElse(null),
                checked.variant().orElse(null));
    }

    private static FloorView floor(FloorPlan plan, boolean moving) {
        return new FloorView(
                feet(plan),
                PlaceView.of(plan.startMan()),
                PlaceView.of(plan.startLady()),
                plan.crossings().stream().map(PlaceView::of).toList(),
                moving,
                plan.circling().map(WorkView::circle).orElse(null));
    }

    private static CircleView circle(Circling circling) {
        return new CircleView(
                rounded(circling.centre().x()),
                rounded(circling.centre().y()),
                rounded(circling.manMetres()),
                rounded(circling.ladyMetres()),
                TurnText.amount(circling.sixteenths()),
                circling.inside().map(Role::toString).orElse("neither"));
    }

    /** The feet of a plan in order of time. */
    public static List<FootView> feet(FloorPlan plan) {
        return plan.footfalls().stream().map(WorkView::foot).toList();
    }

    private static FootView foot(Footfall fall) {
        return new FootView(
                fall.role().toString(),
                fall.number(),
                fall.onset(),
                fall.end(),
                fall.foot().toString(),
                fall.weight().toString(),
                rounded(fall.place().x()),
                rounded(fall.place().y()),
                fall.direction(),
                rounded(fall.centre().x()),
                rounded(fall.centre().y()),
                fall.body());
    }

    /** To the millimetre, which is finer than anybody dances. */
    public static double rounded(double metres) {
        return Math.round(metres * 1000) / 1000.0;
    }
}
