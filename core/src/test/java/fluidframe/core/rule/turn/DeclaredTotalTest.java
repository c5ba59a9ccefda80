package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class DeclaredTotalTest {
    private final Rule rule = new DeclaredTotal();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void comparesTheSumWithWhatIsDeclared() {
        assertThat(reasons(rule, TestChart.naturalTurn().totals(12, 14)))
                .containsExactly("lady 6: The lady turns 3/4 R in all, but the figure declares 7/8 R.");
    }

    @Test
    void isContentWithTheRightSum() {
        assertThat(reasons(rule, TestChart.naturalTurn().totals(12, 12))).isEmpty();
    }
}
