package fluidframe.core.rule.turn;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class NotAllAtOnceTest {
    private final Rule rule = new NotAllAtOnce();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void proposesHowToDivideALargeSwivel() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.LADY, 2, "turn", "3/4 R swivel")))
                .containsExactly(
                        "lady 2: The lady's step 2 turns 3/4 R in one swivel. It could be divided: of 3/4: 1/8 with the preceding step, 1/8 swivel, 3/8 on the ball, 1/8 on the last.");
    }

    @Test
    void allowsASpinOfThatSize() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.LADY, 2, "turn", "3/4 R spin")))
                .isEmpty();
    }
}
