package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class PositionNamedOnceTest {
    private final Rule rule = new PositionNamedOnce();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAPositionTakenARowTooEarly() {
        assertThat(reasons(rule, TestChart.whisk().with(Role.MAN, 2, "position", "promenade")))
                .containsExactly("man 3: The man's step 3 takes promenade position, in which the couple is already.");
    }

    @Test
    void leavesTheFirstRowAloneAndBothOnOneBeat() {
        assertThat(reasons(rule, TestChart.whisk().with(Role.LADY, 3, "position", "promenade")))
                .isEmpty();
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .startingIn(CouplePosition.CLOSED)
                                .with(Role.MAN, 1, "position", "closed")))
                .isEmpty();
    }
}
