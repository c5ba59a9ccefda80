package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class ShapingAnsweredTest {
    private final Rule rule = new ShapingAnswered();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsShapingOfOneOnly() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.MAN, 2, "body", "shape L")))
                .containsExactly(
                        "lady 2: The man shapes on step 2, but nothing is charted for the lady's body on step 2.");
    }

    @Test
    void allowsAnAnswer() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 2, "body", "shape L")
                                .with(Role.LADY, 2, "body", "shape R")))
                .isEmpty();
    }
}
