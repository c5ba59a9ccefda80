package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class BodyCompletesTest {
    private final Rule rule = new BodyCompletes();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsABodyThatStaysBehind() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.MAN, 5, "turn", "3/8 R")
                                .with(Role.MAN, 6, "turn", "")))
                .containsExactly(
                        "man 5: The man's step 5 points, so the body has turned less than the foot, but the turn does not say so.");
    }

    @Test
    void findsNothingToComplete() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.MAN, 3, "turn", "body completes")))
                .containsExactly("man 3: The man's step 3 completes a turn of the body, but the body was not behind.");
    }

    @Test
    void countsTheRowsForWhichABodyIsBehind() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.LADY, 3, "turn", "")
                                .with(Role.LADY, 4, "turn", "")
                                .with(Role.LADY, 2, "align", "facing LOD")))
                .containsExactly(
                        "lady 4: The lady's body has been behind the foot since step 2 and is not completed by step 4.");
    }
}
