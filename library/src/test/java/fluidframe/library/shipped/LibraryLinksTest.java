package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Repertoire;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the charts name as customary neighbours, and what the links make of the library as a whole. */
class LibraryLinksTest {
    private static final List<Chart> CHARTS = ShippedLibrary.load();
    private static final Repertoire REPERTOIRE = Repertoire.of(CHARTS);

    static Stream<Dance> dances() {
        return Arrays.stream(Dance.values());
    }

    private static List<Chart> charts(Dance dance) {
        return CHARTS.stream().filter(chart -> chart.dance() == dance).toList();
    }

    @ParameterizedTest
    @MethodSource("dances")
    void everyCustomaryNeighbourComputesAsPossible(Dance dance) {
        List<Customary.Pair> pairs = Customary.pairs(REPERTOIRE, dance);
        System.out.printf(
                "%s: %d of %d customary pairs compute%n",
                dance.title(), pairs.stream().filter(Customary.Pair::agrees).count(), pairs.size());
        assertThat(pairs).hasSizeGreaterThan(charts(dance).size() / 2);
        assertThat(pairs)
                .allSatisfy(pair -> assertThat(pair.agrees())
                        .as(pair.before() + " -> " + pair.after() + ": "
                                + pair.best().obstacles())
                        .isTrue());
    }

    @ParameterizedTest
    @MethodSource("dances")
    void everyFigureCanBeReachedFromTheBasicOneAndLeadsBackToIt(Dance dance) {
        String basic = charts(dance).get(0).id();
        Set<String> reached = REPERTOIRE.graph(dance).reachedFrom(basic);
        assertThat(reached)
                .containsExactlyInAnyOrderElementsOf(
                        charts(dance).stream().map(Chart::id).toList());
        for (Chart chart : charts(dance)) {
            assertThat(REPERTOIRE.graph(dance).reachedFrom(chart.id()))
                    .as("from " + chart.id())
                    .contains(basic);
        }
    }

    @Test
    void everyFigureButTheStarterFiguresOfADanceHasACustomaryNeighbour() {
        for (Dance dance : Dance.values()) {
            List<Customary.Pair> pairs = Customary.pairs(REPERTOIRE, dance);
            for (Chart chart : charts(dance)) {
                assertThat(pairs)
                        .as(chart.id())
                        .anyMatch(pair ->
                                pair.before().equals(chart.id()) || pair.after().equals(chart.id()));
            }
        }
    }
}
