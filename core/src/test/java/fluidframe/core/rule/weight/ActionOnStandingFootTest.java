package fluidframe.core.rule.weight;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class ActionOnStandingFootTest {
    private final Rule rule = new ActionOnStandingFoot();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAnActionOfTheFreeFoot() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.LADY, 5, "place", "no step")))
                .containsExactly("lady 5: The lady's row 5 is an action of the RF, but the weight is on the LF.");
    }

    @Test
    void allowsAnActionOfTheStandingFoot() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.LADY, 5, "place", "no step")
                                .with(Role.LADY, 5, "foot", "L")))
                .isEmpty();
    }
}
