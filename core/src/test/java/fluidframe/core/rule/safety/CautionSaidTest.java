package fluidframe.core.rule.safety;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class CautionSaidTest {
    private final Rule rule = new CautionSaid();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void asksForACautionWhereSomebodySpins() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.LADY, 2, "turn", "1 R spin")))
                .containsExactly(
                        "lady 2: The lady's step 2 is a spin, and the chart says no caution: A spin is made with full weight on the turning foot, in shoes that let it turn, with space around. Pain is a signal to stop.");
    }
}
