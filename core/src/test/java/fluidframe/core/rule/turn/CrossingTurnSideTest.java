package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class CrossingTurnSideTest {
    private final Rule rule = new CrossingTurnSide();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsATurnTowardsTheCrossingFoot() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.MAN, 1, "place", "forward and across")
                                .with(Role.MAN, 2, "turn", "1/2 L swivel")
                                .with(Role.MAN, 2, "align", "facing centre")
                                .with(Role.MAN, 2, "position", "turning alone")))
                .containsExactly(
                        "man 2: The man steps across with the LF on step 1 and then turns 1/2 L: from there the body can only turn to the right.");
    }

    @Test
    void allowsTheOtherSide() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .with(Role.MAN, 1, "place", "forward and across")
                                .with(Role.MAN, 2, "turn", "1/2 R swivel")
                                .with(Role.MAN, 2, "align", "facing centre")
                                .with(Role.MAN, 2, "position", "turning alone")))
                .isEmpty();
    }
}
