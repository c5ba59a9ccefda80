package fluidframe.library.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.list.FigureList;
import fluidframe.library.shipped.FreeElements;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.text.ReadResult;
import java.util.List;
import org.junit.jupiter.api.Test;

class ListFormatTest {
    private static final FigureList STARTER = ListFormat.starter();

    private static FigureList list(FigureList.Level... levels) {
        return new FigureList("Ours", "", List.of(levels));
    }

    @Test
    void theStarterSaysThatItGivesWayAndHasEveryShippedFigureOnTheLevelOfItsChart() {
        assertThat(STARTER.note()).contains("starter").contains("gives way");
        for (Chart chart : ShippedLibrary.load()) {
            assertThat(STARTER.levelOf(chart.id()))
                    .as(chart.id())
                    .hasValueSatisfying(
                            level -> assertThat(chart.identity().levels().values())
                                    .anyMatch(own -> own.name().equalsIgnoreCase(level)));
        }
    }

    @Test
    void everyFigureOfTheStarterIsCharted() {
        for (Coverage.OfDance dance : Coverage.of(STARTER, Repertoire.of(ShippedLibrary.load()))) {
            assertThat(dance.levels())
                    .isNotEmpty()
                    .allSatisfy(level -> assertThat(level.missing()).isEmpty());
        }
    }

    @Test
    void coverageCountsWhatTheChartsHold() {
        List<Chart> charts = ShippedLibrary.load();
        Coverage.OfDance waltz = Coverage.of(STARTER, Repertoire.of(charts)).get(0);
        List<Chart> own = charts.stream().filter(c -> c.dance() == Dance.WALTZ).toList();
        assertThat(waltz.dance()).isEqualTo(Dance.WALTZ);
        assertThat(waltz.figures()).isEqualTo(own.size());
        assertThat(waltz.rows())
                .isEqualTo(own.stream()
                        .mapToInt(c -> c.man().size() + c.lady().size())
                        .sum());
        assertThat(waltz.levels().get(2).missing()).isEmpty();
        assertThat(waltz.levels().get(2).charted()).isEqualTo(7);
        Coverage.OfDance without = Coverage.of(
                        STARTER,
                        Repertoire.of(charts.stream()
                                .filter(c -> !c.id().equals("waltz.hover-corte"))
                                .toList()))
                .get(0);
        assertThat(without.levels().get(2).missing()).containsExactly("hover corte");
        assertThat(waltz.agreeing()).isEqualTo(waltz.pairs()).isGreaterThan(30);
        assertThat(waltz.doubtfulFigures()).contains("Wing").doesNotContain("Back Whisk");
    }

    @Test
    void survivesWritingAndReading() {
        assertThat(ListFormat.LIST.read(ListFormat.LIST.file("ours", STARTER)).value())
                .contains(STARTER);
    }

    @Test
    void tellsLineAndColumnOfWhatItDoesNotKnow() {
        ReadResult<FigureList> read =
                ListFormat.LIST.read("format: fluidframe/list@1\nname: Ours\ncolour: red\nlevels: [{name: A}]\n");
        assertThat(read.value()).isEmpty();
        assertThat(read.problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.toString()).startsWith("line 3").contains("colour"));
        assertThat(ListFormat.LIST.read("name: Ours").problems().get(0).message())
                .contains("fluidframe/list@1");
    }

    @Test
    void refusesAFigureOnTwoLevelsAndTwoLevelsOfOneName() {
        FigureList.Level bronze = new FigureList.Level("Bronze", List.of("waltz.whisk"));
        assertThatThrownBy(() -> list(bronze, new FigureList.Level("Silver", List.of("waltz.whisk"))))
                .hasMessageContaining("waltz.whisk is on Bronze and on Silver");
        assertThatThrownBy(() -> list(bronze, new FigureList.Level("bronze", List.of())))
                .hasMessageContaining("Two levels must not have one name");
        assertThatThrownBy(() -> new FigureList("", "", List.of(bronze))).hasMessageContaining("1 to 80");
        assertThatThrownBy(() -> new FigureList.Level(" ", List.of())).hasMessageContaining("1 to 40");
        assertThatThrownBy(() -> list()).hasMessageContaining("1 to 12 levels, but has 0");
    }

    @Test
    void refusesWhatIsNoIdAndWhatIsNoListSinceItWouldBeLost() {
        assertThatThrownBy(() -> new FigureList.Level("Bronze", List.of("whisk")))
                .hasMessageContaining("such as waltz.whisk, but on Bronze stands \"whisk\"");
        String text = "format: fluidframe/list@1\nname: Ours\nlevels:\n  - name: A\n    figures: {waltz: whisk}\n";
        assertThat(ListFormat.LIST.read(text).problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.toString())
                        .startsWith("line 5")
                        .contains("/levels/0/figures/waltz")
                        .contains("must be a list"));
    }

    @Test
    void readsTheProblemsOfBadLevelsAtTheirPlace() {
        String text = "format: fluidframe/list@1\nname: Ours\nlevels:\n  - name: ''\n    figures: {waltz: [whisk]}\n";
        assertThat(ListFormat.LIST.read(text).problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.path()).isEqualTo("/levels/0/name"));
    }

    @Test
    void freeElementsHaveALengthAndTellWhatIsRisky() {
        assertThat(FreeElements.load()).hasSizeGreaterThanOrEqualTo(10).allSatisfy(element -> {
            assertThat(element.summary().split("\\. ")).hasSizeGreaterThanOrEqualTo(2);
            assertThat(element.usualBeats()).isPositive();
        });
        assertThat(FreeElements.load())
                .filteredOn(element -> element.id().equals("dip"))
                .singleElement()
                .satisfies(dip -> assertThat(String.join(" ", dip.cautions())).contains("signal to stop"));
    }
}
