package fluidframe.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import java.util.List;
import org.junit.jupiter.api.Test;

class DanceGraphTest {
    private static final Chart WHISK = fluidframe.core.TestChart.whisk().chart();
    private static final Repertoire REPERTOIRE = Repertoire.of(List.of(WHISK));
    private static final DanceGraph GRAPH = REPERTOIRE.graph(Dance.WALTZ);

    @Test
    void beginsAFigureOnEachOfItsAlignments() {
        assertThat(GRAPH.beginnings(WHISK.id()))
                .extracting(DanceGraph.Place::rotation)
                .hasSize(1 + WHISK.start().entries().size())
                .contains(0);
    }

    @Test
    void saysNothingFollowsWhereFootAndPositionForbidIt() {
        assertThat(GRAPH.beginnings(WHISK.id()))
                .allSatisfy(place -> assertThat(GRAPH.after(place)).isEmpty());
        assertThat(GRAPH.reachedFrom(WHISK.id())).containsExactly(WHISK.id());
    }

    @Test
    void keepsTheGraphOfADanceThatHasNotChanged() {
        assertThat(REPERTOIRE.with(List.of(WHISK)).graph(Dance.WALTZ)).isSameAs(GRAPH);
        assertThat(REPERTOIRE.with(List.of()).graph(Dance.WALTZ)).isNotSameAs(GRAPH);
    }

    @Test
    void keepsWhatWasWorkedOutForAChartThatHasNotChanged() {
        Repertoire again = REPERTOIRE.with(List.of(WHISK));
        assertThat(again.usesOf(WHISK.id()).get(0))
                .isSameAs(REPERTOIRE.usesOf(WHISK.id()).get(0));
    }
}
