package fluidframe.core.rule.body;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class EndsLoweredTest {
    private final Rule rule = new EndsLowered();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAFigureThatEndsUp() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 6, "rise", "continue")))
                .containsExactly("man 6: The man is still up after step 6, the last; the next figure begins lowered.");
    }

    @Test
    void leavesLatinAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.MAN, 6, "rise", "continue")
                                .dance(Dance.RUMBA)))
                .isEmpty();
    }
}
