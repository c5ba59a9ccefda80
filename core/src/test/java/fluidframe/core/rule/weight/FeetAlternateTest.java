package fluidframe.core.rule.weight;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class FeetAlternateTest {
    private final Rule rule = new FeetAlternate();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void namesTheStepSinceWhichTheFootStands() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 2, "foot", "R")))
                .containsExactly(
                        "man 2: The man's step 2 uses the RF, which has carried the weight since step 1.",
                        "man 3: The man's step 3 uses the RF, which has carried the weight since step 2.");
    }

    @Test
    void letsTheSameFootStepAfterABrush() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 2, "place", "brushes")
                                .with(Role.MAN, 3, "foot", "L")
                                .with(Role.MAN, 3, "place", "side")))
                .isEmpty();
    }

    @Test
    void letsTheFirstFootCrossOrCloseAfterPartWeightAsInALock() {
        TestChart sharing = TestChart.latinBasic().with(Role.MAN, 4, "weight", "part");
        assertThat(reasons(rule, sharing.with(Role.MAN, 5, "place", "crosses in front")))
                .isEmpty();
        assertThat(reasons(rule, sharing.with(Role.MAN, 5, "place", "closes"))).isEmpty();
        assertThat(reasons(rule, sharing.with(Role.MAN, 5, "place", "side")))
                .containsExactly("man 5: The man's step 5 uses the LF, which has carried the weight since step 3.");
    }
}
