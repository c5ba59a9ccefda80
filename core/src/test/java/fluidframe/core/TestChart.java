package fluidframe.core;

import fluidframe.core.chart.Acceptance;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Finish;
import fluidframe.core.chart.Identity;
import fluidframe.core.chart.Part;
import fluidframe.core.chart.Preparation;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Start;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.core.chart.Teaching;
import fluidframe.core.chart.Totals;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Alignment;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Charts for tests, written a row a line and read by the core's own parsers: {@code role | count | foot | place | align |
 * turn | work | rise | cbm | sway | weight | position}. A chart can be copied with one cell changed.
 */
public final class TestChart {
    private static final List<String> COLUMNS = List.of(
            "role", "count", "foot", "place", "align", "turn", "work", "rise", "cbm", "sway", "weight", "position");

    private static final String NATURAL = """
            man  | 1 | R | forward | facing DW    | begins R       | HT | commence at end        | yes |
            man  | 2 | L | side    | backing DC   | 1/4 R          | T  | continue               |     | R
            man  | 3 | R | closes  | backing LOD  | 1/8 R          | TH | continue, lower at end |     | R
            man  | 1 | L | back    | backing LOD  | begins R       | TH | commence at end, NFR   | yes |
            man  | 2 | R | side    | pointing DC  | 3/8 R, body less | T | continue              |     | L
            man  | 3 | L | closes  | facing DC    | body completes | TH | continue, lower at end |     | L
            lady | 1 | L | back    | backing DW   | begins R       | TH | commence at end, NFR   | yes |
            lady | 2 | R | side    | pointing LOD | 3/8 R, body less | T | continue              |     | L
            lady | 3 | L | closes  | facing LOD   | body completes | TH | continue, lower at end |     | L
            lady | 1 | R | forward | facing LOD   | begins R       | HT | commence at end        | yes |
            lady | 2 | L | side    | backing centre | 1/4 R        | T  | continue               |     | R
            lady | 3 | R | closes  | backing DC   | 1/8 R          | TH | continue, lower at end |     | R
            """;

    private static final String CHANGE = """
            man  | 1 | R | forward                   | facing DC  | | HT | commence at end        | yes |
            man  | 2 | L | side and slightly forward | facing DC  | | T  | continue               |     | R
            man  | 3 | R | closes                    | facing DC  | | TH | continue, lower at end |     | R
            lady | 1 | L | back                      | backing DC | | TH | commence at end, NFR   | yes |
            lady | 2 | R | side and slightly back    | backing DC | | T  | continue               |     | L
            lady | 3 | L | closes                    | backing DC | | TH | continue, lower at end |     | L
            """;

    private static final String WHISK = """
            man  | 1 | L | forward                   | facing DW  |                  | HT | commence at end        | yes |
            man  | 2 | R | side and slightly forward | facing DW  |                  | T  | continue               |     | L
            man  | 3 | L | crosses behind            | facing DW  |                  | TH | continue, lower at end |     |   | | promenade
            lady | 1 | R | back                      | backing DW | begins R         | TH | commence at end, NFR   | yes |
            lady | 2 | L | diagonally back           | pointing DC | 1/4 R, body less | T | continue               |     | R
            lady | 3 | R | crosses behind            | facing DC  | body completes   | TH | continue, lower at end |     |
            """;

    private static final String DOUBLE_REVERSE = """
            man  | 1 | L | forward               | facing DC    | begins L        | HT | commence at end  | yes |
            man  | 2 | R | side                  | backing LOD  | 3/8 L           | T  | continue         |     |
            man  | 3 | L | closes without weight | facing DW    | 3/8 L toe pivot | T  | up, lower at end |     |
            lady | 1 | R | back                  | backing DC   | begins L        | TH |                  | yes |
            lady | 2 | L | closes                | facing LOD   | 3/8 L heel turn | HT | commence at end  |     |
            lady | 3 | R | side and slightly back | backing wall | 1/4 L          | T  | continue         |     |
            lady | & | L | crosses in front      | backing DW   | 1/8 L           | TH | up, lower at end |     |
            """;

    private static final String BASIC = """
            man  | 2   | L | forward         | facing wall   | | BF
            man  | 3   | R | replaces weight | facing wall   | | BF
            man  | 4   | L | side            | facing wall   | | B
            man  | &   | R | closes          | facing wall   | | B
            man  | 1   | L | side            | facing wall   | | BF
            lady | 2   | R | back            | facing centre | | BF
            lady | 3   | L | replaces weight | facing centre | | BF
            lady | 4   | R | side            | facing centre | | B
            lady | &   | L | closes          | facing centre | | B
            lady | 1   | R | side            | facing centre | | BF
            """;

    private final String id;
    private final List<Map<String, String>> rows = new ArrayList<>();
    private CouplePosition start = CouplePosition.CLOSED;
    private List<Alignment> entries = List.of();
    private boolean outsideAllowed;
    private boolean fromCheck;
    private Dance dance = Dance.WALTZ;
    private Finish finish = Finish.AS_CHARTED;
    private Totals totals = Totals.UNDECLARED;
    private final List<Part> parts = new ArrayList<>();
    private final List<Acceptance> accepted = new ArrayList<>();
    private List<String> follows = List.of();
    private final List<RepeatGroup> repeats = new ArrayList<>();
    private Hold hold = Hold.CLOSED_CONTACT;

    private TestChart(String id, String text) {
        this.id = id;
        for (String line : text.lines().toList()) {
            String[] cells = line.split("\\|", -1);
            Map<String, String> row = new HashMap<>();
            for (int i = 0; i < cells.length; i++) row.put(COLUMNS.get(i), cells[i].trim());
            rows.add(row);
        }
    }

    public static TestChart of(String id, String text) {
        return new TestChart(id, text);
    }

    /** Two bars to the right: DW to DC, both roles on both sides of the turn. */
    public static TestChart naturalTurn() {
        return new TestChart("natural-turn", NATURAL);
    }

    /** One bar without turn, facing DC, beginning with the man's RF. */
    public static TestChart closedChange() {
        return new TestChart("closed-change", CHANGE);
    }

    /** One bar from closed to promenade position. */
    public static TestChart whisk() {
        return new TestChart("whisk", WHISK);
    }

    /** One bar in which he has three rows and she four. */
    public static TestChart doubleReverse() {
        return new TestChart("double-reverse", DOUBLE_REVERSE);
    }

    /** One bar of a Latin dance on the spot, facing the wall, with a divided beat. */
    public static TestChart latinBasic() {
        return new TestChart("latin-basic", BASIC).dance(Dance.CHA_CHA).holding(Hold.CLOSED_NO_CONTACT);
    }

    /** Charts in which no rule should find anything. */
    public static List<TestChart> sound() {
        return List.of(naturalTurn(), closedChange(), whisk(), doubleReverse(), latinBasic());
    }

    /** The reasons a rule gives, each after the role and the step it is about. */
    public static List<String> reasons(Rule rule, TestChart chart) {
        return rule.check(chart.sheet()).stream().map(TestChart::placed).toList();
    }

    private static String placed(Finding finding) {
        return finding.role().map(role -> role + " " + finding.step() + ": ").orElse("") + finding.reason();
    }

    public TestChart with(Role role, int step, String column, String text) {
        row(role, step).put(column, text);
        return this;
    }

    public TestChart without(Role role, int step) {
        rows.remove(row(role, step));
        return this;
    }

    private Map<String, String> row(Role role, int step) {
        return rows.stream()
                .filter(row -> row.get("role").equals(role.toString()))
                .skip(step - 1)
                .findFirst()
                .orElseThrow();
    }

    public TestChart startingIn(CouplePosition position) {
        start = position;
        return this;
    }

    public TestChart dance(Dance newDance) {
        dance = newDance;
        return this;
    }

    public TestChart entries(String... alignments) {
        entries = List.of(alignments).stream().map(Alignment::parse).toList();
        return this;
    }

    public TestChart fromCheck() {
        fromCheck = true;
        return this;
    }

    public TestChart outsideAllowed() {
        outsideAllowed = true;
        return this;
    }

    public TestChart finish(Finish newFinish) {
        finish = newFinish;
        return this;
    }

    public TestChart totals(int man, int lady) {
        totals = new Totals(OptionalInt.of(man), OptionalInt.of(lady));
        return this;
    }

    public TestChart repeating(RepeatGroup group) {
        repeats.add(group);
        return this;
    }

    public TestChart holding(Hold newHold) {
        hold = newHold;
        return this;
    }

    public TestChart part(int from, int to) {
        parts.add(new Part(from, to, List.of(), Finish.AS_CHARTED));
        return this;
    }

    public TestChart accepting(String rule, Role role, int step) {
        accepted.add(new Acceptance(rule, Optional.of(role), step, "as we dance it"));
        return this;
    }

    public TestChart follows(String... ids) {
        follows = List.of(ids);
        return this;
    }

    public Sheet sheet() {
        return Sheet.of(chart());
    }

    public Chart chart() {
        return new Chart(
                new Identity(id, dance, id, List.of(), Map.of("international", Identity.Level.BRONZE), "", ""),
                new Start(start, hold, entries, outsideAllowed, fromCheck, Preparation.NONE, Preparation.NONE),
                steps(Role.MAN),
                steps(Role.LADY),
                List.of(),
                List.of(),
                repeats,
                totals,
                finish,
                parts,
                List.of(),
                new Teaching(List.of(), List.of(), List.of(), follows),
                accepted);
    }

    private List<Step> steps(Role role) {
        return rows.stream()
                .filter(row -> row.get("role").equals(role.toString()))
                .map(TestChart::step)
                .toList();
    }

    private static Step step(Map<String, String> row) {
        StepDraft draft = StepDraft.empty();
        for (Column column : Column.values()) {
            String text = row.getOrDefault(column.key(), "");
            if (!text.isEmpty()) draft.set(column, text);
        }
        return draft.step();
    }
}
