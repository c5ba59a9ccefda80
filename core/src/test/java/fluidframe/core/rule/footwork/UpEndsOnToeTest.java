package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class UpEndsOnToeTest {
    private final Rule rule = new UpEndsOnToe();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsALoweredHeel() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 2, "work", "TH")))
                .containsExactly(
                        "man 2: The man is still up at the end of step 2 and so ends on the toe, but TH is charted: the heel would be down.");
    }

    @Test
    void allowsItWithNoFootRise() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.MAN, 2, "work", "TH")
                                .with(Role.MAN, 2, "rise", "continue, NFR")))
                .isEmpty();
    }
}
