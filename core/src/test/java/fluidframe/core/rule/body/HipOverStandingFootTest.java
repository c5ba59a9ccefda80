package fluidframe.core.rule.body;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class HipOverStandingFootTest {
    private final Rule rule = new HipOverStandingFoot();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsTheWrongHip() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 1, "hip", "settle R on 2")))
                .containsExactly(
                        "man 1: On the man's step 1 the weight is on the LF, but the hip is charted \"settle R on 2\".");
    }

    @Test
    void allowsTheRightOne() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 1, "hip", "settle L on 2, lateral R")))
                .isEmpty();
    }
}
