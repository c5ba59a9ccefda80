package fluidframe.core.rule.body;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class NoSwayInSpinsTest {
    private final Rule rule = new NoSwayInSpins();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAnInclinedPivot() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 2, "turn", "1/4 R pivot")))
                .containsExactly("man 2: The man's step 2 is a pivot and sways to R.");
    }

    @Test
    void allowsAnUprightOne() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.MAN, 2, "turn", "1/4 R pivot")
                                .with(Role.MAN, 2, "sway", "")))
                .isEmpty();
    }
}
