package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Detail;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Option;
import fluidframe.core.chart.Reading;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.Teaching;
import fluidframe.core.chart.Timing;
import fluidframe.core.check.RuleBook;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Repertoire;
import fluidframe.core.rule.Sheet;
import fluidframe.library.figure.ChartReader;
import fluidframe.library.figure.ChartWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ShippedLibraryTest {
    private static final List<Chart> CHARTS = ShippedLibrary.load();
    private static final Repertoire REPERTOIRE = Repertoire.of(CHARTS);

    static Stream<Chart> charts() {
        return CHARTS.stream();
    }

    static Stream<Danceable> danceables() {
        return CHARTS.stream().map(Chart::dance).distinct().flatMap(dance -> REPERTOIRE.of(dance).stream());
    }

    @Test
    void listsEveryChartThatLiesInItsFolder() throws IOException {
        Path folder = Path.of("src/main/resources/charts");
        try (Stream<Path> files = Files.walk(folder)) {
            List<String> yaml = files.filter(f -> f.toString().endsWith(".yaml"))
                    .map(f -> folder.relativize(f).toString().replace('\\', '/'))
                    .toList();
            assertThat(ShippedLibrary.files()).containsExactlyInAnyOrderElementsOf(yaml);
        }
        assertThat(CHARTS).hasSizeGreaterThanOrEqualTo(356);
    }

    @Test
    void isPackedByTheBuildAsItLiesInItsFolder() {
        List<Chart> read = ShippedLibrary.files().stream()
                .map(file -> ChartReader.read(ShippedLibrary.text(file)).orThrow())
                .toList();
        assertThat(CHARTS).isEqualTo(read);
    }

    @ParameterizedTest
    @MethodSource("charts")
    void hasNoUnexplainedFinding(Chart chart) {
        assertThat(RuleBook.standard().checkWithVariants(Sheet.of(chart)))
                .filteredOn(RuleBook.Checked::isOpen)
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("charts")
    void survivesWritingAndReadingInBothNotations(Chart chart) {
        assertThat(ChartReader.read(ChartWriter.toYaml(chart)).orThrow()).isEqualTo(chart);
        assertThat(ChartReader.read(ChartWriter.toJson(chart).toString()).orThrow())
                .isEqualTo(chart);
        assertThat(ChartReader.read(ChartWriter.toJson(chart)).orThrow()).isEqualTo(chart);
    }

    @ParameterizedTest
    @MethodSource("charts")
    void writesEveryRowOnOneLine(Chart chart) {
        long rows = ChartWriter.toYaml(chart)
                .lines()
                .filter(line -> line.matches(" +- \\{count: .*}"))
                .count();
        long charted = chart.man().size()
                + chart.lady().size()
                + chart.variants().stream()
                        .mapToLong(v -> v.man().size() + v.lady().size())
                        .sum();
        assertThat(rows).isEqualTo(charted);
    }

    @ParameterizedTest
    @MethodSource("charts")
    void tellsWhatACoachNeedsToTeachIt(Chart chart) {
        assertThat(chart.identity().summary().split("\\. ")).hasSizeGreaterThanOrEqualTo(2);
        assertThat(chart.identity().levels())
                .containsKey(chart.dance().style().name().toLowerCase(Locale.ROOT));
        assertThat(ChartWriter.toJson(chart).findValuesAsText("note")).noneMatch(text -> text.contains("\""));
        assertThat(chart.identity().summary()).doesNotContain("\"");
        assertThat(chart.identity().otherNames()).isNotEmpty();
        assertThat(chart.teaching().faults()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(chart.teaching().faults())
                .extracting(Teaching.Fault::detail)
                .as("a beginner's sheet has one fault, and the rest is for later")
                .containsOnlyOnce(Detail.FIRST_LESSON);
        for (Role role : Role.values()) {
            assertThat(chart.steps(role))
                    .as(role + "'s lead")
                    .anyMatch(step -> !step.lead().isBlank());
            assertThat(chart.steps(role)).allSatisfy(step -> {
                assertThat(step.alignment()).isPresent();
                assertThat(!step.isStep() || step.footwork().isPresent()).isTrue();
            });
        }
    }

    /** A difference between schools is told in a note; doubtful is what the charter himself was not sure of. */
    @Test
    void fewRowsAreDoubtfulAndEachSaysWhatIsInDoubt() {
        List<Step> doubtful = CHARTS.stream()
                .flatMap(chart -> Stream.concat(
                        Stream.of(chart),
                        chart.variants().stream()
                                .map(v -> FigureUse.ofVariant(v.id()).of(chart))))
                .flatMap(chart -> Stream.of(Role.values()).flatMap(role -> chart.steps(role).stream()))
                .filter(Step::doubtful)
                .distinct()
                .toList();
        assertThat(doubtful)
                .hasSizeLessThan(40)
                .allSatisfy(step -> assertThat(step.note()).isNotBlank());
    }

    @Test
    void chartsAtLeastThreeFiguresOfEachOfTheTenDances() {
        for (Dance dance : Dance.values()) {
            if (dance.style() == Dance.Style.AMERICAN) continue;
            assertThat(CHARTS.stream().filter(c -> c.dance() == dance))
                    .as(dance.title())
                    .hasSizeGreaterThanOrEqualTo(3);
        }
    }

    @Test
    void mayBeRepeatedAsOftenAsTheGroupSaysWithoutAFindingBesidesTheBar() {
        int repeated = 0;
        for (Chart chart : CHARTS) {
            List<FigureUse> once = new ArrayList<>(List.of(FigureUse.WHOLE));
            chart.variants().forEach(variant -> once.add(FigureUse.ofVariant(variant.id())));
            for (FigureUse use : once) {
                List<RepeatGroup> groups = use.of(chart).repeats();
                for (int i = 0; i < groups.size(); i++) {
                    for (int often = 2; often <= groups.get(i).most(); often++) {
                        List<Integer> times = new ArrayList<>(Collections.nCopies(i, 1));
                        times.add(often);
                        Chart written = use.repeated(times, false).of(chart);
                        assertThat(RuleBook.standard().check(Sheet.of(written)))
                                .as(chart.id() + " " + use + " danced " + times + " times")
                                .filteredOn(c -> !c.finding().rule().text().equals("time.whole-bars"))
                                .isEmpty();
                        repeated++;
                    }
                }
            }
        }
        assertThat(repeated).isGreaterThan(40);
    }

    @Test
    void readsWithEveryOptionAndTimingWithoutAFinding() {
        int read = 0;
        for (Chart chart : CHARTS) {
            for (Option option : chart.options()) {
                Chart other = new Reading(Optional.empty(), List.of(option.id()), List.of()).of(chart);
                assertThat(other).isNotEqualTo(chart);
                assertThat(RuleBook.standard().check(Sheet.of(other)))
                        .as(chart.id() + " " + option.id())
                        .filteredOn(RuleBook.Checked::isOpen)
                        .isEmpty();
                read++;
            }
            for (Timing timing : chart.timings()) {
                Chart other = new Reading(Optional.of(timing.id()), List.of(), List.of()).of(chart);
                assertThat(RuleBook.standard().check(Sheet.of(other)))
                        .as(chart.id() + " " + timing.id())
                        .filteredOn(RuleBook.Checked::isOpen)
                        .isEmpty();
                read++;
            }
        }
        assertThat(read).isGreaterThanOrEqualTo(5);
    }

    @ParameterizedTest
    @MethodSource("danceables")
    void drawsWithThePartnersAtADistanceBodiesAndArmsAllow(Danceable danced) {
        assertThat(danced.sheet().floor().gaps())
                .allSatisfy(gap ->
                        assertThat(gap.metres()).isBetween(0.16, gap.hold().isClosed() ? 0.7 : 1.4));
    }

    @ParameterizedTest
    @MethodSource("danceables")
    void mayEndAsItsFinishSaysWithoutBreakingARule(Danceable danced) {
        int less = danced.chart().finish().lessSixteenths();
        int more = danced.chart().finish().moreSixteenths();
        for (int turn = -less; turn <= more; turn += 2) {
            Sheet varied = Sheet.of(danced.use().withLastTurn(turn).of(danced.figure()));
            assertThat(RuleBook.standard().check(varied))
                    .filteredOn(RuleBook.Checked::isBroken)
                    .isEmpty();
        }
    }

    @Test
    void namesEveryFigureOnceAndRefersOnlyToFiguresThatExist() {
        List<String> names = new ArrayList<>();
        for (Chart chart : CHARTS) {
            names.add(chart.dance() + " " + chart.identity().name().toLowerCase());
            chart.identity().otherNames().forEach(name -> names.add(chart.dance() + " " + name.toLowerCase()));
            assertThat(chart.id()).startsWith(chart.dance() + ".");
            Stream.concat(chart.teaching().precedes().stream(), chart.teaching().follows().stream())
                    .forEach(id -> assertThat(REPERTOIRE.chart(id))
                            .as(chart.id() + " names " + id)
                            .isPresent());
        }
        assertThat(names).doesNotHaveDuplicates();
        assertThat(CHARTS.stream().map(Chart::id)).doesNotHaveDuplicates();
    }

    @Test
    void floorsAreTheSameEveryTime() {
        FloorPlan once = Sheet.of(CHARTS.get(2)).floor();
        assertThat(Danceable.of(CHARTS.get(2), FigureUse.WHOLE).sheet().floor()).isEqualTo(once);
    }
}
