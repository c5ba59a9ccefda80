package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class LockStaysOnBallTest {
    private final Rule rule = new LockStaysOnBall();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHeelInAQuickLock() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.MAN, 4, "place", "crosses behind")
                                .with(Role.MAN, 4, "work", "BF")))
                .containsExactly("man 4: The man's step 4 crosses behind on 1/2 of a beat and yet puts the heel down.");
    }

    @Test
    void allowsASlowCross() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 5, "place", "crosses behind")))
                .isEmpty();
    }
}
