package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class NeedsPivotTest {
    private final Rule rule = new NeedsPivot();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsHalfATurnByPlacingAFoot() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.MAN, 2, "turn", "1/2 R")
                                .with(Role.MAN, 2, "align", "")))
                .containsExactly(
                        "man 2: The man's step 2 turns 1/2 R by placing the foot; more than 3/8 needs a pivot or another turn on the standing foot.");
    }

    @Test
    void allowsItOnAPivot() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.MAN, 2, "turn", "1/2 R pivot")
                                .with(Role.MAN, 2, "align", "")))
                .isEmpty();
    }
}
