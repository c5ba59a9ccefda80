package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class HoldAllowsTurnTest {
    private final Rule rule = new HoldAllowsTurn();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsATurnThatTwistsTheArms() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.LADY, 2, "turn", "3/4 R spin")))
                .containsExactly(
                        "lady 2: By the lady's step 2 she has turned 3/4 R more than the man in the hold closed no contact, which allows 5/8: let go or change hands before.");
    }

    @Test
    void allowsItUnderOneHand() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.LADY, 2, "turn", "3/4 R spin")
                                .with(Role.MAN, 1, "hold", "L-R")))
                .isEmpty();
    }
}
