package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class PositionsAgreeTest {
    private final Rule rule = new PositionsAgree();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsTwoPositionsOnOneBeat() {
        assertThat(reasons(rule, TestChart.whisk().with(Role.LADY, 3, "position", "fan")))
                .containsExactly("lady 3: The man's step 3 names promenade position and the lady's step 3 fan.");
    }

    @Test
    void isContentWhenBothNameTheSame() {
        assertThat(reasons(rule, TestChart.whisk().with(Role.LADY, 3, "position", "PP")))
                .isEmpty();
    }
}
