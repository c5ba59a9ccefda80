package fluidframe.library.practice;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.practice.Strain;
import fluidframe.core.rule.safety.Cautions;
import fluidframe.library.shipped.ShippedLibrary;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What loads a body, over the whole library. */
class StrainTest {
    private static final Map<String, Chart> CHARTS =
            ShippedLibrary.load().stream().collect(Collectors.toMap(Chart::id, Function.identity()));

    private static Map<Strain, Integer> in(String id) {
        return Strain.in(CHARTS.get(id));
    }

    @Test
    void aSpiralIsASpinOfTheLadyAndAWhiskIsNothing() {
        assertThat(in("rumba.spiral")).containsKey(Strain.SPIN);
        assertThat(in("waltz.whisk")).isEmpty();
        assertThat(in("waltz.natural-turn")).isEmpty();
    }

    @Test
    void everyFigureForWhichACautionIsProposedHasAStrainExceptForHeelTurnsAndNoOther() {
        for (Chart chart : CHARTS.values()) {
            boolean warned = Cautions.proposedFor(chart).stream()
                    .anyMatch(proposal -> !proposal.what().contains("heel turn"));
            assertThat(Strain.in(chart).isEmpty()).as(chart.id()).isEqualTo(!warned);
        }
    }

    @Test
    void noFigureHasMoreThanItsSteps() {
        for (Chart chart : CHARTS.values()) {
            int steps = Math.max(chart.man().size(), chart.lady().size());
            assertThat(Strain.in(chart).values())
                    .as(chart.id())
                    .allSatisfy(count -> assertThat(count).isBetween(1, steps));
        }
    }
}
