package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Repetition;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Foot;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Compares the charts with a second account of them, facts.csv and rows.csv, which were written without looking at the rows. Where the two
 * differ one of them is wrong, and it is settled by thinking the figure through.
 */
class SecondAccountTest {
    private static final Pattern SAID =
            Pattern.compile("([LR?]) (\\?|(?:facing|backing|pointing) (?:against LOD|\\S+)) (.+)");

    private static final Map<String, Chart> CHARTS =
            ShippedLibrary.load().stream().collect(Collectors.toMap(Chart::id, Function.identity()));

    @ParameterizedTest
    @CsvFileSource(resources = "/facts.csv")
    void agreesWithTheChart(
            String id, double beats, String manBegins, String ladyBegins, String man, String lady, String free) {
        Chart chart = CHARTS.get(id);
        assertThat(chart).as(id).isNotNull();
        Ledger ledger = Sheet.of(chart).ledger();
        SoftAssertions both = new SoftAssertions();
        both.assertThat(chart.length().toDouble()).as("beats").isEqualTo(beats);
        both.assertThat(chart.man().get(0).foot().toString())
                .as("man begins on")
                .isEqualTo(manBegins);
        both.assertThat(chart.lady().get(0).foot().toString())
                .as("lady begins on")
                .isEqualTo(ladyBegins);
        both.assertThat(turn(ledger, Role.MAN)).as("man's turn").isEqualTo(man);
        both.assertThat(turn(ledger, Role.LADY)).as("lady's turn").isEqualTo(lady);
        both.assertThat(Repetition.freeFoot(chart, Role.MAN).map(Foot::toString))
                .as("man's free foot")
                .contains(free);
        both.assertAll();
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/rows.csv")
    void agreesWithTheRows(String id, String role, String rows) {
        Chart chart = CHARTS.get(id);
        assertThat(chart).as(id).isNotNull();
        List<Step> steps = chart.steps(Role.valueOf(role.toUpperCase(Locale.ROOT)));
        String[] account = rows.split("; ");
        assertThat(steps).hasSizeGreaterThanOrEqualTo(account.length);
        SoftAssertions all = new SoftAssertions();
        for (int i = 0; i < account.length; i++) {
            Matcher said = SAID.matcher(account[i]);
            assertThat(said.matches()).as(account[i]).isTrue();
            Step step = steps.get(i);
            String[] charted = {step.foot().toString(), laid(step), Column.WORK.of(step, chart.dance())};
            for (int cell = 0; cell < charted.length; cell++) {
                String told = said.group(cell + 1);
                if (!told.equals("?"))
                    all.assertThat(charted[cell]).as(role + " " + (i + 1)).isEqualTo(told);
            }
        }
        all.assertAll();
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/examined.csv", delimiter = ';')
    void agreesWithTheExaminer(
            String id,
            String begins,
            String ends,
            String manCount,
            String ladyCount,
            String man,
            String lady,
            String manWork,
            String ladyWork) {
        Chart chart = CHARTS.get(id);
        assertThat(chart).as(id).isNotNull();
        SoftAssertions all = new SoftAssertions();
        all.assertThat(chart.start().position().toString()).as("begins in").isEqualTo(begins);
        all.assertThat(Sheet.of(chart).ledger().positions().last().toString())
                .as("ends in")
                .isEqualTo(ends);
        said(all, "man's count", manCount, cells(chart, Role.MAN, Column.COUNT));
        said(all, "lady's count", ladyCount, cells(chart, Role.LADY, Column.COUNT));
        said(all, "man's footwork", manWork, cells(chart, Role.MAN, Column.WORK));
        said(all, "lady's footwork", ladyWork, cells(chart, Role.LADY, Column.WORK));
        ends(all, "man", man, chart.man());
        ends(all, "lady", lady, chart.lady());
        all.assertAll();
    }

    private static String cells(Chart chart, Role role, Column column) {
        return chart.steps(role).stream()
                .map(step -> column.of(step, chart.dance()))
                .map(cell -> cell.isEmpty() ? "?" : cell)
                .collect(Collectors.joining(" "));
    }

    private static void said(SoftAssertions all, String what, String told, String charted) {
        if (!told.equals("?")) all.assertThat(charted).as(what).isEqualTo(told);
    }

    private static void ends(SoftAssertions all, String who, String told, List<Step> steps) {
        if (told.equals("?")) return;
        String[] alignments = told.split(" > ");
        said(all, who + " first", alignments[0], laid(steps.get(0)));
        said(all, who + " last", alignments[1], laid(steps.get(steps.size() - 1)));
    }

    private static String laid(Step step) {
        return step.alignment()
                .map(a -> a.toString().replaceAll(", moving.*", ""))
                .orElse("");
    }

    private static String turn(Ledger ledger, Role role) {
        int turned = ledger.of(role).totalTurn();
        return turned == 0 ? "none" : TurnText.amount(turned);
    }

    @Test
    void coversEveryDance() throws Exception {
        try (var facts = SecondAccountTest.class.getResourceAsStream("/facts.csv")) {
            long dances = new String(facts.readAllBytes())
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.substring(0, line.indexOf('.')))
                    .distinct()
                    .count();
            assertThat(dances).isEqualTo(Dance.values().length);
        }
    }
}
