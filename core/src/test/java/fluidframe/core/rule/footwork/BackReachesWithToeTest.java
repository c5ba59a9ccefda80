package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class BackReachesWithToeTest {
    private final Rule rule = new BackReachesWithToe();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHeelBehind() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 1, "work", "HT")))
                .containsExactly("lady 1: The lady's step 1 goes back and so reaches with the toe, but HT is charted.");
    }

    @Test
    void takesBallForToe() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 1, "work", "BH")))
                .isEmpty();
    }
}
