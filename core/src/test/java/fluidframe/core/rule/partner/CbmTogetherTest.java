package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class CbmTogetherTest {
    private final Rule rule = new CbmTogether();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void namesWhoLacksIt() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 1, "cbm", "no")))
                .containsExactly("lady 1: The man uses CBM on step 1 and the lady does not on step 1.");
    }

    @Test
    void takesSlightForEnough() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 1, "cbm", "slight")))
                .isEmpty();
    }

    @Test
    void leavesAHeelTurnAlone() {
        assertThat(reasons(rule, TestChart.doubleReverse().with(Role.MAN, 2, "cbm", "yes")))
                .isEmpty();
    }
}
