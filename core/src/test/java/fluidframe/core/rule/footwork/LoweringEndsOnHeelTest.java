package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class LoweringEndsOnHeelTest {
    private final Rule rule = new LoweringEndsOnHeel();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsATheToeAtTheEnd() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 6, "work", "T")))
                .containsExactly("lady 6: The lady lowers on step 6, so the heel comes down, but T ends on the toe.");
    }

    @Test
    void leavesAFootWithoutWeightAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 3, "place", "brushes")
                                .with(Role.MAN, 3, "work", "IE T")))
                .isEmpty();
    }
}
