package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class SwayMirrorsTest {
    private final Rule rule = new SwayMirrors();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void asksForTheOppositeSway() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 2, "sway", "R")))
                .containsExactly(
                        "lady 2: The man sways R on step 2, so the lady would sway L on step 2, but R is charted.");
    }

    @Test
    void leavesPromenadeAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.whisk()
                                .with(Role.MAN, 2, "position", "promenade")
                                .with(Role.LADY, 2, "sway", "straight")))
                .isEmpty();
    }
}
