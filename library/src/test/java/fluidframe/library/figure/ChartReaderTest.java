package fluidframe.library.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Repetition;
import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.Role;
import fluidframe.core.proposal.Completion;
import fluidframe.core.proposal.PartnerDerivation;
import fluidframe.core.rule.Sheet;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.text.Problem;
import fluidframe.library.text.ReadResult;
import fluidframe.library.typed.Vocabulary;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChartReaderTest {
    private static final String WHISK = ShippedLibrary.text("waltz/whisk.yaml");
    /** How many damaged files are made of each that is shipped; {@code -Dchart.damaged=500} makes more. */
    private static final int FOR_EACH = Integer.getInteger("chart.damaged", 40);

    private static List<Problem> problems(String text) {
        ReadResult<Chart> result = ChartReader.read(text);
        assertThat(result.value()).isEmpty();
        return result.problems();
    }

    private static String alone(String timing) {
        return String.join(
                "\n",
                "format: fluidframe/figure@1",
                "id: foxtrot.alone",
                "dance: foxtrot",
                "name: Alone",
                "start: {position: closed, hold: closed contact}",
                "man:",
                "  - {count: Q, foot: L, place: forward, align: facing LOD}",
                "  - {count: Q, foot: R, place: forward, align: facing LOD}",
                "lady: []",
                "timings:",
                "  - " + timing);
    }

    @Test
    void aRoleThatDoesNotDanceHasNoCountsInATimingAndAnotherMustHaveAll() {
        Chart chart =
                ChartReader.read(alone("{id: B, man: S S, lady: ''}")).value().orElseThrow();
        assertThat(chart.timings().get(0).man()).hasToString("S S");
        assertThat(chart.timings().get(0).lady().size()).isZero();
        String written = ChartWriter.toYaml(chart);
        assertThat(ChartWriter.toYaml(ChartReader.read(written).value().orElseThrow()))
                .isEqualTo(written);
        assertThat(problems(alone("{id: B, man: '', lady: ''}"))).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo("/timings/0/man");
            assertThat(problem.message()).contains("one count for each of the man's 2 rows, but has 0");
        });
        assertThat(problems(alone("{id: B, man: S S, lady: S S}")))
                .anySatisfy(problem -> assertThat(problem.path()).isEqualTo("/timings/0/lady"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "align: backing DW     | align: backing sideways    | /lady/0/align | A direction must be LOD",
                "turn: begins R        | turn: 1/3 R                | /lady/0/turn  | A turn must look like",
                "work: HT              | work: HX                   | /man/0/work   | Footwork must be made of",
                "foot: L, place: forward | foot: M, place: forward  | /man/0/foot   | A foot must be one of L, R",
                "dance: waltz          | dance: polka               | /dance        | Dance must be one of",
                "id: waltz.whisk       | id: Waltz Whisk            | /id           | An id must be lower case",
                "position: promenade   | position: upside down      | /man/2/position | A couple position must be one of",
                "format: fluidframe/figure@1 | format: fluidframe/figure@9 | /format | must be"
            })
    void namesTheLineTheColumnAndThePathOfEveryUnreadableCell(String from, String to, String path, String message) {
        assertThat(WHISK).contains(from);
        List<Problem> problems = problems(WHISK.replaceFirst(java.util.regex.Pattern.quote(from), to));
        assertThat(problems).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo(path);
            assertThat(problem.message()).contains(message);
            String line = WHISK.replaceFirst(java.util.regex.Pattern.quote(from), to)
                    .lines()
                    .toList()
                    .get(problem.line() - 1);
            String value = to.replaceFirst("^.*?: ", "").split(",")[0];
            assertThat(line.substring(problem.column() - 1)).startsWith(value);
        });
    }

    @Test
    void refusesAVariantThatLeavesARoleWithoutSteps() {
        String variant =
                "variants:\n  - {id: lost, name: lost, keep: 0, man: [], lady: [{count: 1, foot: R, place: back}]}\n";
        assertThat(problems(WHISK + variant))
                .singleElement()
                .extracting(Problem::message)
                .isEqualTo("Variant lost must have at least one row for the man");
    }

    @Test
    void reportsAllProblemsAtOnce() {
        List<Problem> problems =
                problems(WHISK.replace("work: HT", "work: HX").replace("align: facing DC", "align: facing up"));
        assertThat(problems).hasSize(2).allMatch(problem -> problem.line() > 1 && problem.column() > 1);
    }

    @Test
    void refusesKeysThatAreNotPartOfTheFormat() {
        Problem problem = problems(WHISK + "colour: green\n").get(0);
        assertThat(problem.message()).isEqualTo("The key \"colour\" is not part of the format");
        assertThat(problem.line()).isEqualTo((int) WHISK.lines().count() + 1);
        assertThat(problem.column()).isEqualTo(1);
        assertThat(problems(WHISK.replace("name: Whisk\n", "")).get(0).message())
                .isEqualTo("The key \"name\" is missing");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "   ",
                "[",
                "{",
                "a: b: c",
                "- 1\n- 2",
                "null",
                "12",
                "\u0000",
                "%YAML 9",
                "a: &x [1]\nb: *x",
                "{\"format\": \"fluidframe/figure@1\"}{}",
                "x: 1\n---\ny: 2",
                "id: a\nid: b"
            })
    void tellsTheTroubleWithFilesThatAreNoCharts(String text) {
        assertThat(problems(text)).isNotEmpty().allSatisfy(problem -> {
            assertThat(problem.line()).isGreaterThanOrEqualTo(1);
            assertThat(problem.message()).isNotBlank().doesNotContain("Exception");
        });
    }

    @Test
    void refusesHugeAndDeepFilesQuickly() {
        Assertions.assertTimeoutPreemptively(Duration.ofSeconds(5), () -> {
            assertThat(problems("a: " + "x".repeat(2_000_000)).get(0).message()).contains("at most 1000000 characters");
            assertThat(problems("[".repeat(5000)).get(0).message()).contains("not well-formed");
            assertThat(problems("{".repeat(5000)).get(0).message()).contains("not well-formed");
            String row = "\n  - {count: 1, foot: R, place: forward}";
            String many = WHISK.replace("\nman:", "\nman:" + row.repeat(200));
            assertThat(problems(many).get(0).path()).isEqualTo("/man");
        });
    }

    @Test
    void neverThrowsWhateverIsTypedIntoAGoodFile() {
        Random random = new Random(20);
        String letters = "abRL13/8&{}[]:,'\"\n #-*%@!|>\t~";
        for (String file : ShippedLibrary.files()) {
            String good = ShippedLibrary.text(file);
            for (int i = 0; i < FOR_EACH; i++) {
                StringBuilder text = new StringBuilder(good);
                for (int edit = 0; edit <= random.nextInt(4); edit++) {
                    int at = random.nextInt(text.length());
                    if (random.nextBoolean()) text.deleteCharAt(at);
                    else text.insert(at, letters.charAt(random.nextInt(letters.length())));
                }
                ReadResult<Chart> result = ChartReader.read(text.toString());
                assertThat(result.value().isPresent())
                        .isEqualTo(result.problems().isEmpty());
                result.value().ifPresent(ChartReaderTest::workOut);
            }
        }
    }

    /** What can be read can be judged, repeated and shown in every reading, however odd it is. */
    private static void workOut(Chart chart) {
        RuleBook.standard().checkWithVariants(Sheet.of(chart));
        List<Integer> most = Repetition.most(chart);
        for (int i = 0; i < most.size(); i++) {
            for (int often = 1; often <= most.get(i); often++) {
                List<Integer> times = new ArrayList<>(Collections.nCopies(i, 1));
                times.add(often);
                Sheet.of(Repetition.of(chart, times, false));
            }
        }
        for (Role role : Role.values()) {
            if (!chart.steps(role).isEmpty()) PartnerDerivation.of(chart, role);
        }
        Completion.of(chart);
        assertThat(ChartReader.read(ChartWriter.toYaml(chart)).value()).contains(chart);
    }

    @Test
    void readsJsonWithItsOwnLines() {
        assertThat(ChartReader.read(ChartWriter.toJson(ChartReader.read(WHISK).orThrow())
                                .toPrettyString())
                        .value())
                .isPresent();
        Problem problem = problems(
                        "{\n  \"format\": \"fluidframe/figure@1\",\n  \"id\": 5,\n  \"dance\": \"waltz\", \"name\": \"x\"\n}")
                .get(0);
        assertThat(problem.line()).isEqualTo(3);
        assertThat(problem.path()).isEqualTo("/id");
    }

    @Test
    void comparesChartsCellByCell() {
        Chart before = ChartReader.read(WHISK).orThrow();
        Chart after = ChartReader.read(
                        WHISK.replaceFirst("work: HT", "work: H").replace("name: Whisk", "name: Wide Whisk"))
                .orThrow();
        assertThat(ChartDifference.between(before, before)).isEmpty();
        assertThat(ChartDifference.between(before, after))
                .containsExactly(
                        new ChartDifference.Change("", 0, "name", "Whisk", "Wide Whisk"),
                        new ChartDifference.Change("man", 1, "work", "HT", "H"));
        assertThatThrownBy(() -> ChartReader.read("x").orThrow()).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aRowTakenOutOrPutInShiftsNoOther() {
        ObjectNode less = ChartWriter.toJson(ChartReader.read(WHISK).orThrow());
        JsonNode gone = less.withArray("man").remove(1);
        Chart before = ChartReader.read(WHISK).orThrow();
        Chart after = ChartReader.read(less).orThrow();
        assertThat(ChartDifference.between(before, after)).hasSize(gone.size()).allSatisfy(change -> {
            assertThat(change.role() + change.step()).isEqualTo("man2");
            assertThat(change.before()).isEqualTo(gone.get(change.key()).asText());
            assertThat(change.after()).isEmpty();
        });
        assertThat(ChartDifference.between(after, before))
                .hasSize(gone.size())
                .allSatisfy(change -> assertThat(change.before()).isEmpty());
    }

    @Test
    void offersOnlyWordsThatTheFormatReads() {
        Vocabulary.columns().forEach((column, words) -> {
            assertThat(words.stream().map(Vocabulary.Word::code)).as(column).doesNotHaveDuplicates();
            for (Vocabulary.Word word : words) {
                String quoted = "\"" + word.text() + "\"";
                String text = WHISK.replaceFirst(
                        "place: forward, align",
                        "place: forward, " + (column.equals("place") ? "note: x, align" : "align"));
                String cell = column + ": " + quoted;
                String row = text.replaceFirst(
                        "\\{count: 1, foot: L, place: forward.*",
                        java.util.regex.Matcher.quoteReplacement(rowWith(column, cell)));
                assertThat(ChartReader.read(row).problems())
                        .as(column + " " + word)
                        .isEmpty();
            }
        });
    }

    private static String rowWith(String column, String cell) {
        StringBuilder row = new StringBuilder("{" + cell);
        if (!column.equals("count")) row.append(", count: 1");
        if (!column.equals("foot")) row.append(", foot: L");
        if (!column.equals("place")) row.append(", place: forward");
        return row + "}";
    }
}
