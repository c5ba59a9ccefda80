package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class ForwardLeadsWithHeelTest {
    private final Rule rule = new ForwardLeadsWithHeel();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAToeLead() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 1, "work", "TH")))
                .containsExactly(
                        "man 1: The man's step 1 goes forward from a lowered foot and so leads with the heel, but TH is charted.");
    }

    @Test
    void leavesForwardStepsTakenWhileUpAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.MAN, 2, "place", "forward")
                                .with(Role.MAN, 2, "align", "")))
                .isEmpty();
    }

    @Test
    void leavesLatinAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn().with(Role.MAN, 1, "work", "BF").dance(Dance.RUMBA)))
                .isEmpty();
    }
}
