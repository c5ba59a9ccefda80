package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class OutsideAnsweredTest {
    private final Rule rule = new OutsideAnswered();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void asksThePartnerToSaySoToo() {
        assertThat(reasons(
                        rule, TestChart.closedChange().with(Role.MAN, 1, "place", "forward in CBMP outside partner")))
                .containsExactly(
                        "lady 1: The man steps outside partner on step 1, but the lady's step 1 does not say so.");
    }

    @Test
    void isContentWhenBothSayIt() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 1, "place", "forward outside partner")
                                .with(Role.LADY, 1, "place", "back partner outside")))
                .isEmpty();
    }
}
