package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class KeepsItsSideTest {
    private final Rule rule = new KeepsItsSide();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsATurnThatGoesTheOtherWay() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 2, "turn", "1/4 L")))
                .containsExactly("man 2: The man begins to turn to the right on step 1, but step 2 turns 1/4 L.");
    }

    @Test
    void forgetsABeginningOnceItTurned() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 3, "turn", "1/8 L")))
                .isEmpty();
    }
}
