package fluidframe.core.rule.body;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class InsideTurnsLessTest {
    private final Rule rule = new InsideTurnsLess();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsABodyTurnedOnTheInside() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 2, "turn", "3/8 R")))
                .containsExactly(
                        "lady 2: The lady stepped back on step 1 and turns 3/8 R on step 2 with the whole body: on the inside of a turn the foot points ahead and the body turns less.");
    }
}
