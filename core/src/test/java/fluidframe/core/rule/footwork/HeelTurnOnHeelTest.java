package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class HeelTurnOnHeelTest {
    private final Rule rule = new HeelTurnOnHeel();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHeelTurnOnTheToe() {
        assertThat(reasons(rule, TestChart.doubleReverse().with(Role.LADY, 2, "work", "T")))
                .containsExactly("lady 2: The lady's step 2 is a heel turn, made on the heel, but T is charted.");
    }
}
