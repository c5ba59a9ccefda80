package fluidframe.server.handout;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Teaching;
import fluidframe.core.count.Beats;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.server.handout.Block.Cell;
import fluidframe.server.handout.Block.Grid;
import fluidframe.server.handout.Block.Heading;
import fluidframe.server.handout.Block.Items;
import fluidframe.server.handout.Block.Pair;
import fluidframe.server.handout.Block.Picture;
import fluidframe.server.handout.Block.Row;
import fluidframe.server.handout.Block.Together;
import fluidframe.server.handout.Block.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** A figure on paper: the chart of both roles along the count, or one part of it in large lines. */
final class FigureSheets {
    private final Wish wish;
    private final fluidframe.core.rule.Sheet worked;
    private final Chart chart;

    FigureSheets(Wish wish, Chart chart) {
        this.wish = wish;
        this.worked = fluidframe.core.rule.Sheet.of(chart);
        this.chart = chart;
    }

    Sheet sheet(String version) {
        return wish.role().isPresent() ? oneRole(wish.role().get(), version) : both(version);
    }

    private List<String> facts(String whose) {
        String levels = chart.identity().levels().values().stream()
                .map(level -> level.name().toLowerCase(java.util.Locale.ROOT))
                .distinct()
                .collect(Collectors.joining(", "));
        return List.of(
                whose,
                chart.dance().title(),
                levels,
                bars(),
                "begins " + chart.start().position() + ", " + chart.start().hold(),
                chart.dance().slowestBarsPerMinute() + " to " + chart.dance().fastestBarsPerMinute()
                        + " bars a minute");
    }

    private String bars() {
        Beats bar = chart.dance().bar();
        int whole = chart.length().dividedBy(bar);
        Beats rest = chart.length().remainder(bar);
        String bars = whole == 1 ? "1 bar" : whole + " bars";
        if (rest.isZero()) return bars;
        return (whole == 0 ? "" : bars + " and ") + rest + (rest.equals(Beats.ONE) ? " beat" : " beats");
    }

    private Sheet both(String version) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Words("plain", wish.tell(chart.identity().summary())));
        blocks.add(new Heading(2, "Along the count", ""));
        blocks.add(alongTheCount());
        blocks.add(new Together(List.of(
                new Heading(2, "Feet", ""),
                new Picture(
                        FeetPicture.of(worked.floor(), chart.dance().isMoving(), Optional.empty()),
                        "The feet of both with the numbers of their steps; filled soles bear weight.",
                        "wide"))));
        blocks.add(new Heading(2, "Turn", ""));
        blocks.add(turns());
        teaching(blocks);
        return new Sheet("Figure", chart.identity().name(), facts(""), version, blocks);
    }

    private Grid alongTheCount() {
        Map<Beats, EnumRows> moments = new TreeMap<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : worked.rows(role))
                moments.computeIfAbsent(row.onset(), onset -> new EnumRows()).put(role, row);
        }
        boolean solo = chart.isSolo();
        List<Row> rows = new ArrayList<>();
        for (EnumRows moment : moments.values()) {
            List<Cell> cells = new ArrayList<>();
            for (Role role : Role.values()) {
                if (solo && worked.rows(role).isEmpty()) continue;
                LedgerRow row = moment.of(role);
                cells.add(Cell.of("soft", row == null ? "" : String.valueOf(row.number())));
                cells.add(Cell.of("head", row == null ? "" : said(role, row)));
                cells.add(Cell.of(role.toString(), row == null ? "" : step(row)));
                cells.add(Cell.of("amount", row == null ? "" : how(row)));
            }
            rows.add(new Row("plain", cells));
        }
        List<String> head = new ArrayList<>();
        for (Role role : Role.values()) {
            if (solo && worked.rows(role).isEmpty()) continue;
            head.addAll(List.of("", "", wish.capital(role), ""));
        }
        return new Grid(solo ? "one" : "both", head, rows);
    }

    /** What the two do at one moment. */
    private static final class EnumRows {
        private final Map<Role, LedgerRow> rows = new java.util.EnumMap<>(Role.class);

        void put(Role role, LedgerRow row) {
            rows.put(role, row);
        }

        LedgerRow of(Role role) {
            return rows.get(role);
        }
    }

    private String said(Role role, LedgerRow row) {
        List<String> said =
                wish.count().map(language -> chart.said(role, language)).orElse(List.of());
        return said.isEmpty()
                ? fluidframe.core.chart.Column.COUNT.of(row.step(), chart.dance())
                : said.get(row.number() - 1);
    }

    private static String step(LedgerRow row) {
        return row.step().foot() + "F " + row.step().placement();
    }

    private String how(LedgerRow row) {
        return wish.told(fluidframe.core.handout.RoleSheet.cells(row.step(), chart, 0));
    }

    private Grid turns() {
        List<Row> rows = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : worked.rows(role)) {
                if (row.step().turn().footSixteenths() == 0
                        && !row.step().turn().toString().contains("body")) continue;
                rows.add(Row.of(
                        Cell.of(role.toString(), wish.role(role) + " " + row.number()),
                        Cell.of("amount", row.step().turn().toString()),
                        Cell.of(row.foot().toString()),
                        Cell.of("amount", TurnText.amount(row.running()) + " in all")));
            }
        }
        if (rows.isEmpty()) rows.add(Row.of(Cell.of(""), Cell.of("no turn"), Cell.of(""), Cell.of("")));
        return new Grid("turns", List.of("Step", "Turn", "Foot then points", "So far"), rows);
    }

    private void teaching(List<Block> blocks) {
        List<Teaching.Fault> faults = faults();
        if (!faults.isEmpty()) {
            List<Row> rows = faults.stream()
                    .map(fault -> Row.of(
                            Cell.of("head", wish.tell(fault.seen())),
                            Cell.of(wish.tell(fault.cause())),
                            Cell.of(wish.tell(fault.cue()))))
                    .toList();
            blocks.add(new Heading(2, "Faults", ""));
            blocks.add(new Grid("faults", List.of("Seen", "Because", "Say"), rows));
        }
        cautions(blocks);
    }

    /** The faults for those whom the sheet is for. */
    private List<Teaching.Fault> faults() {
        return chart.teaching().faults().stream()
                .filter(fault -> wish.detail().includes(fault.detail()))
                .toList();
    }

    private void cautions(List<Block> blocks) {
        List<String> cautions =
                chart.teaching().cautions().stream().map(wish::tell).toList();
        if (!cautions.isEmpty()) blocks.add(new Together(List.of(new Heading(2, "Cautions", ""), new Items(cautions))));
    }

    private Sheet oneRole(Role role, String version) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Words("plain", wish.tell(chart.identity().summary())));
        List<Row> rows = new ArrayList<>();
        for (LedgerRow row : worked.rows(role)) {
            rows.add(Row.of(
                    Cell.of("soft", String.valueOf(row.number())),
                    Cell.of("head", said(role, row)),
                    Cell.of(role.toString(), step(row)),
                    Cell.of("amount", how(row))));
        }
        if (rows.isEmpty()) blocks.add(new Words("note", "This figure has no steps for this part."));
        else blocks.add(new Grid("one", List.of(), rows));
        blocks.add(new Together(List.of(new Picture(
                FeetPicture.of(worked.floor(), chart.dance().isMoving(), Optional.of(role)),
                "The feet of this part with the numbers of the steps.",
                "wide"))));
        List<String> cues = faults().stream()
                .map(Teaching.Fault::cue)
                .filter(cue -> !cue.isBlank())
                .map(wish::tell)
                .distinct()
                .toList();
        if (!cues.isEmpty()) blocks.add(new Together(List.of(new Heading(2, "What to think of", ""), new Items(cues))));
        cautions(blocks);
        return new Sheet(
                wish.capital(role) + "'s part",
                chart.identity().name(),
                facts(wish.capital(role) + "'s part"),
                version,
                blocks);
    }

    /** Two figures row by row, with what the one has otherwise. */
    static Sheet comparison(Wish wish, Chart one, Chart other) {
        FigureSheets left = new FigureSheets(wish, one);
        FigureSheets right = new FigureSheets(wish, other);
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Pair(
                List.of(
                        new Heading(2, one.identity().name(), left.bars()),
                        new Words("plain", wish.tell(one.identity().summary()))),
                List.of(
                        new Heading(2, other.identity().name(), right.bars()),
                        new Words("plain", wish.tell(other.identity().summary())))));
        for (Role role : Role.values()) {
            List<LedgerRow> mine = left.worked.rows(role);
            List<LedgerRow> theirs = right.worked.rows(role);
            if (mine.isEmpty() && theirs.isEmpty()) continue;
            List<Row> rows = new ArrayList<>();
            for (int i = 0; i < Math.max(mine.size(), theirs.size()); i++) {
                List<Cell> cells = new ArrayList<>(left.cells(role, mine, i));
                cells.addAll(right.cells(role, theirs, i));
                boolean same = cells.subList(1, 4).stream()
                        .map(Cell::words)
                        .toList()
                        .equals(cells.subList(5, 8).stream().map(Cell::words).toList());
                rows.add(new Row(same ? "plain" : "differs", cells));
            }
            blocks.add(new Heading(2, wish.capital(role), "a tinted row differs"));
            blocks.add(new Grid(
                    "both",
                    List.of(
                            "",
                            "",
                            one.identity().name(),
                            "",
                            "",
                            "",
                            other.identity().name(),
                            ""),
                    rows));
        }
        blocks.add(new Pair(List.of(left.feet()), List.of(right.feet())));
        return new Sheet(
                "Comparison",
                one.identity().name() + " and " + other.identity().name(),
                List.of(one.dance().title()),
                "",
                blocks);
    }

    private Picture feet() {
        return new Picture(
                FeetPicture.of(worked.floor(), chart.dance().isMoving(), Optional.empty()),
                chart.identity().name(),
                "half");
    }

    private List<Cell> cells(Role role, List<LedgerRow> rows, int index) {
        if (index >= rows.size()) return List.of(Cell.of(""), Cell.of(""), Cell.of(""), Cell.of(""));
        LedgerRow row = rows.get(index);
        return List.of(
                Cell.of("soft", String.valueOf(row.number())),
                Cell.of("head", said(role, row)),
                Cell.of(role.toString(), step(row)),
                Cell.of("amount", how(row)));
    }
}
