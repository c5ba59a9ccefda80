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
    void leavesWorkOnTheSameFootAlone() {
        TestChart turned = TestChart.naturalTurn().with(Role.MAN, 4, "place", "forward");
        assertThat(reasons(rule, turned)).hasSize(1);
        for (int row = 2; row <= 5; row++) turned = turned.with(Role.LADY, row, "foot", row % 2 == 1 ? "R" : "L");
        assertThat(reasons(rule, turned)).isEmpty();
    }

    @Test
    void letsBothGoForwardRoundEachOtherSideAgainstSide() {
        TestChart aside =
                TestChart.naturalTurn().startingIn(CouplePosition.OUTSIDE_LEFT).with(Role.LADY, 1, "place", "forward");
        assertThat(reasons(rule, aside)).hasSize(1);
        assertThat(reasons(rule, aside.with(Role.MAN, 1, "turn", "1/8 L").with(Role.LADY, 1, "turn", "1/8 L")))
                .isEmpty();
        assertThat(reasons(rule, aside.with(Role.MAN, 1, "turn", "1/8 L").with(Role.LADY, 1, "turn", "1/8 R")))
                .hasSize(1);
    }

    @Test
    void findsOppositeWaysInPromenade() {
        assertThat(reasons(rule, TestChart.closedChange().startingIn(CouplePosition.PROMENADE)))
                .containsExactly(
                        "lady 1: In promenade position the man goes forward on step 1 while the lady goes back on step 1.");
    }
}
