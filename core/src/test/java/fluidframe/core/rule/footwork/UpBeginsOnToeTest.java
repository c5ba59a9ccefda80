package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class UpBeginsOnToeTest {
    private final Rule rule = new UpBeginsOnToe();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHeelPlacedWhileUp() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 3, "work", "HT")))
                .containsExactly(
                        "man 3: The man is up when step 3 is placed, so it begins on the toe, but HT is charted.");
    }
}
