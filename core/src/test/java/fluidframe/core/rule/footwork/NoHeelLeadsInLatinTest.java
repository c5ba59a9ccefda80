package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class NoHeelLeadsInLatinTest {
    private final Rule rule = new NoHeelLeadsInLatin();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHeelLead() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 1, "work", "HF")))
                .containsExactly(
                        "man 1: The man's step 1 leads with the heel (HF); in the Cha-Cha-Cha the ball touches first.");
    }

    @Test
    void allowsAHeelThatOnlyTouches() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic().with(Role.MAN, 1, "work", "H").with(Role.MAN, 1, "place", "taps")))
                .isEmpty();
    }

    @Test
    void allowsItInThePasoDoble() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic().with(Role.MAN, 1, "work", "HF").dance(Dance.PASO_DOBLE)))
                .isEmpty();
    }
}
