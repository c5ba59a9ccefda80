package fluidframe.core.rule.time;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class StartsOnBeatTest {
    private final Rule rule = new StartsOnBeat();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAnotherBeat() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 1, "count", "3")))
                .containsExactly("man 1: The man begins on beat 3, but in the Cha-Cha-Cha figures begin on 2 or 1.");
    }

    @Test
    void leavesSlowsAndQuicksAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .dance(Dance.FOXTROT)
                                .with(Role.MAN, 1, "count", "S")
                                .with(Role.LADY, 1, "count", "S")))
                .isEmpty();
    }
}
