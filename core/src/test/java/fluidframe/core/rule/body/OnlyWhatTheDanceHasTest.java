package fluidframe.core.rule.body;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class OnlyWhatTheDanceHasTest {
    private final Rule rule = new OnlyWhatTheDanceHas();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsSwayInALatinDance() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 1, "sway", "L")))
                .containsExactly("man 1: The man's step 1 has sway, which the Cha-Cha-Cha does not use.");
    }

    @Test
    void findsHipActionInAWaltz() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.LADY, 1, "hip", "settle L")))
                .containsExactly("lady 1: The lady's step 1 has hip action, which the Waltz does not use.");
    }
}
