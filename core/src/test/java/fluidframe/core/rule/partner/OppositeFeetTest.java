package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class OppositeFeetTest {
    private final Rule rule = new OppositeFeet();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsBothOnTheSameFoot() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.LADY, 2, "foot", "L")))
                .containsExactly("lady 2: On the man's step 2 both partners step on the LF in closed position.");
    }

    @Test
    void leavesAHoldAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange().with(Role.LADY, 2, "foot", "L").with(Role.LADY, 2, "place", "holds")))
                .isEmpty();
    }
}
