package fluidframe.core.rule.body;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class RiseInOrderTest {
    private final Rule rule = new RiseInOrder();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsARiseThatNeverCommenced() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 1, "rise", "")))
                .containsExactly("man 2: The man's step 2 says \"continue\", but no rise has commenced by then.");
    }

    @Test
    void findsASecondBeginning() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 3, "rise", "commence at end")))
                .containsExactly(
                        "lady 3: The lady's step 3 commences to rise, but the rise before has not been lowered.",
                        "lady 4: The lady's step 4 commences to rise, but the rise before has not been lowered.");
    }
}
