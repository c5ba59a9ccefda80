package fluidframe.core.rule.weight;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class BrushLeavesWeightTest {
    private final Rule rule = new BrushLeavesWeight();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsABrushThatTakesWeight() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 3, "place", "brushes")
                                .with(Role.MAN, 3, "weight", "full")))
                .containsExactly("man 3: The man's step 3 brushes and yet takes full weight.");
    }

    @Test
    void leavesABrushAlone() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.MAN, 3, "place", "brushes")))
                .isEmpty();
    }
}
