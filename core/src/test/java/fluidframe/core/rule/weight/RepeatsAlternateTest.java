package fluidframe.core.rule.weight;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class RepeatsAlternateTest {
    private final Rule rule = new RepeatsAlternate();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsABlockThatEndsOnItsFirstFoot() {
        assertThat(reasons(rule, TestChart.latinBasic().repeating(new RepeatGroup(1, 5, 1, 4, false))))
                .containsExactly(
                        "Danced twice, steps 1-5 have the man step on the LF twice in a row: mirror the repeat, or add a change of weight.",
                        "Danced twice, steps 1-5 have the lady step on the RF twice in a row: mirror the repeat, or add a change of weight.");
    }

    @Test
    void allowsItMirrored() {
        assertThat(reasons(rule, TestChart.latinBasic().repeating(new RepeatGroup(1, 5, 1, 4, true))))
                .isEmpty();
    }
}
