package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class RelativeDirectionTest {
    private final Rule rule = new RelativeDirection();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsTheLadyTurnedTooFar() {
        assertThat(reasons(
                        rule,
                        TestChart.naturalTurn()
                                .with(Role.LADY, 3, "align", "facing DW")
                                .with(Role.LADY, 3, "turn", "1/8 R")))
                .containsExactly(
                        "man 3: On the man's step 3 the couple is in closed position, which has the lady 1/2 clockwise of his, but the man's body faces against LOD and the lady's DW: 5/8 clockwise of his, off by 1/8.");
    }

    @Test
    void findsAPositionThatTheBodiesDoNotTake() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.MAN, 2, "position", "promenade")))
                .containsExactly(
                        "man 3: On the man's step 3 the couple is in promenade position, which has the lady 3/4 to 7/8 clockwise of his, but the man's body faces DC and the lady's DWA: 1/2 clockwise of his, off by 1/4.");
    }

    @Test
    void looksAtTheBeginningToo() {
        assertThat(reasons(rule, TestChart.closedChange().startingIn(CouplePosition.FAN)))
                .containsExactly(
                        "man 1: On the man's step 1 the couple begins in fan position, which has the lady 1/4 clockwise of his, but the man's body faces DC and the lady's DWA: 1/2 clockwise of his, off by 1/4.",
                        "man 1: On the man's step 1 the couple is in fan position, which has the lady 1/4 clockwise of his, but the man's body faces DC and the lady's DWA: 1/2 clockwise of his, off by 1/4.",
                        "man 2: On the man's step 2 the couple is in fan position, which has the lady 1/4 clockwise of his, but the man's body faces DC and the lady's DWA: 1/2 clockwise of his, off by 1/4.",
                        "man 3: On the man's step 3 the couple is in fan position, which has the lady 1/4 clockwise of his, but the man's body faces DC and the lady's DWA: 1/2 clockwise of his, off by 1/4.");
    }
}
