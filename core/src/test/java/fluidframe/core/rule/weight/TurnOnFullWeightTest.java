package fluidframe.core.rule.weight;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class TurnOnFullWeightTest {
    private final Rule rule = new TurnOnFullWeight();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void asksForTheActionOfTheStandingFoot() {
        assertThat(reasons(rule, TestChart.doubleReverse().with(Role.MAN, 3, "turn", "3/8 L")))
                .containsExactly(
                        "man 3: The man's step 3 turns 3/8 L while the LF takes no weight: say on which action of the standing foot, such as a toe pivot.");
    }

    @Test
    void leavesPartWeightAlone() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 2, "weight", "part")))
                .isEmpty();
    }
}
