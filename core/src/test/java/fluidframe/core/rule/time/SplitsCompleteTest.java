package fluidframe.core.rule.time;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class SplitsCompleteTest {
    private final Rule rule = new SplitsComplete();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsASlowBegunOffTheBeat() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .dance(Dance.TANGO)
                                .with(Role.MAN, 1, "count", "Q")
                                .with(Role.MAN, 2, "count", "S")
                                .with(Role.MAN, 3, "count", "Q")))
                .containsExactly(
                        "man 2: The man's step 2 begins 1/2 of a beat off the beat: the split before it is not completed.");
    }

    @Test
    void allowsTwoQuicksAndASlow() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .dance(Dance.TANGO)
                                .with(Role.MAN, 1, "count", "Q")
                                .with(Role.MAN, 2, "count", "Q")
                                .with(Role.MAN, 3, "count", "S")))
                .isEmpty();
    }
}
