package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class TravelsTogetherTest {
    private final Rule rule = new TravelsTogether();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsBothGoingForwardIntoEachOther() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 1, "place", "forward")))
                .containsExactly(
                        "lady 1: In closed position the man goes forward on step 1 while the lady goes forward on step 1.");
    }

    @Test
    void findsOppositeWaysInPromenade() {
        assertThat(reasons(rule, TestChart.closedChange().startingIn(CouplePosition.PROMENADE)))
                .containsExactly(
                        "lady 1: In promenade position the man goes forward on step 1 while the lady goes back on step 1.");
    }
}
