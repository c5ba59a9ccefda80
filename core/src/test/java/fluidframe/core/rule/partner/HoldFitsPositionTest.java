package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class HoldFitsPositionTest {
    private final Rule rule = new HoldFitsPosition();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAClosedHoldInFan() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 5, "position", "fan")))
                .containsExactly(
                        "man 5: On the man's step 5 the hold is closed no contact in fan position, where it does not reach: change the hold or the position.");
    }

    @Test
    void allowsFanByTheHand() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.MAN, 5, "position", "fan")
                                .with(Role.MAN, 5, "hold", "L-R")))
                .isEmpty();
    }
}
