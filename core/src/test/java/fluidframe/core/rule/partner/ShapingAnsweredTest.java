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

    @Test
    void findsAnAnswerToTheWrongSide() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 2, "body", "shape L half at end")
                                .with(Role.LADY, 2, "body", "shape L")))
                .containsExactly(
                        "lady 2: Both partners shape to their own left on the man's step 2 and the lady's step 2:"
                                + " facing each other the shapes go to opposite sides.");
    }

    @Test
    void asksForAnAnswerToADeepActionAndNotToASmallOne() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.LADY, 2, "body", "compress full")))
                .containsExactly(
                        "man 2: The lady uses the body deeply on step 2, but nothing is charted for the man's body on step 2.");
        assertThat(reasons(rule, TestChart.closedChange().with(Role.LADY, 2, "body", "compress a little")))
                .isEmpty();
    }
}
