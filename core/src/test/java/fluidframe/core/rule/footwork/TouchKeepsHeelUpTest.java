package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class TouchKeepsHeelUpTest {
    private final Rule rule = new TouchKeepsHeelUp();

    private static TestChart tapping(String work) {
        return TestChart.latinBasic().with(Role.MAN, 4, "place", "taps").with(Role.MAN, 4, "work", work);
    }

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHeelLoweredInATap() {
        assertThat(reasons(rule, tapping("BF")))
                .containsExactly("man 4: The man's step 4 taps without weight and yet lowers the heel, as BF says.");
    }

    @Test
    void allowsATouchOfTheHeelAndOneOfTheBall() {
        assertThat(reasons(rule, tapping("H"))).isEmpty();
        assertThat(reasons(rule, tapping("B"))).isEmpty();
    }
}
