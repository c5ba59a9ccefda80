package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class MatchesAlignmentTest {
    private final Rule rule = new MatchesAlignment();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void tellsHowMuchIsMissing() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 2, "turn", "1/8 R")))
                .containsExactly(
                        "man 2: The man's step 2 is backing DC, but 1/8 R from the step before leads to backing centre: 1/8 R is missing.");
    }

    @Test
    void findsAMirroredAlignmentOnBothSidesOfIt() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 4, "align", "facing against LOD")))
                .containsExactly(
                        "lady 4: The lady's step 4 is facing against LOD, but no turn from the step before leads to facing LOD: 1/2 R is missing.",
                        "lady 5: The lady's step 5 is backing centre, but 1/4 R from the step before leads to backing wall: 1/2 R is missing.");
    }

    @Test
    void carriesTheTurnOverAnEmptyAlignment() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.MAN, 2, "align", "")))
                .isEmpty();
    }
}
