package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class FacingOrBackingTest {
    private final Rule rule = new FacingOrBacking();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsABackStepFacing() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 1, "align", "facing DW")))
                .containsExactly("lady 1: The lady's step 1 goes back and is charted facing DW.");
    }

    @Test
    void findsAForwardStepBacking() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 1, "align", "backing DW")))
                .containsExactly("man 1: The man's step 1 goes forward and is charted backing DW.");
    }

    @Test
    void leavesPromenadeAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.LADY, 1, "align", "facing DW")
                                .startingIn(CouplePosition.PROMENADE)))
                .isEmpty();
    }
}
