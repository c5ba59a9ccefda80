package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class HoldTakenInReachTest {
    private final Rule rule = new HoldTakenInReach();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHandTakenBackToBack() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.MAN, 3, "position", "back to back")
                                .with(Role.MAN, 3, "hold", "R-R")))
                .containsExactly(
                        "man 3: The hold R-R is taken on the man's step 3, where the partners are back to back.");
    }

    @Test
    void allowsItFaceToFace() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.MAN, 3, "position", "open facing")
                                .with(Role.MAN, 3, "hold", "R-R")))
                .isEmpty();
    }
}
