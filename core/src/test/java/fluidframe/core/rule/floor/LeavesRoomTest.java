package fluidframe.core.rule.floor;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class LeavesRoomTest {
    private final Rule rule = new LeavesRoom();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsACrowdedCentre() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.LADY, 1, "place", "forward")
                                .with(Role.LADY, 1, "align", "facing centre")))
                .containsExactly(
                        "man 1: Drawn on the floor, the partners are 0.10 m apart on the man's step 1: they crowd their own centre.");
    }
}
