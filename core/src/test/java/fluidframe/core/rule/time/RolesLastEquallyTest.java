package fluidframe.core.rule.time;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class RolesLastEquallyTest {
    private final Rule rule = new RolesLastEqually();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void tellsBothLengths() {
        assertThat(reasons(rule, TestChart.closedChange().without(Role.LADY, 3)))
                .containsExactly("The man dances 3 beats and the lady 2: one of them has lost a count.");
    }

    @Test
    void countsSplitBeatsExactly() {
        assertThat(reasons(rule, TestChart.doubleReverse().with(Role.LADY, 4, "count", "1")))
                .containsExactly("The man dances 3 beats and the lady 4: one of them has lost a count.");
    }
}
