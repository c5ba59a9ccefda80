package fluidframe.core.rule.partner;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class OppositeFeetTest {
    private final Rule rule = new OppositeFeet();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsBothOnTheSameFoot() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.LADY, 2, "foot", "L")))
                .containsExactly("lady 2: On the man's step 2 both partners step on the LF in closed position.");
    }

    /** Rows of the lady on the man's own foot. */
    private static TestChart same(int from, int to) {
        TestChart turned = TestChart.naturalTurn();
        for (int row = from; row <= to; row++) turned = turned.with(Role.LADY, row, "foot", row % 2 == 1 ? "R" : "L");
        return turned;
    }

    @Test
    void leavesWorkOnTheSameFootBetweenTwoChangesAlone() {
        assertThat(reasons(rule, same(2, 5))).isEmpty();
    }

    @Test
    void findsASlipOfThreeRowsAndARoleCopiedFromTheOther() {
        assertThat(reasons(rule, same(2, 4))).hasSize(3);
        assertThat(reasons(rule, same(1, 6))).hasSize(6);
        assertThat(reasons(rule, same(1, 5))).hasSize(5);
        assertThat(reasons(rule, same(2, 6))).hasSize(5);
    }

    @Test
    void leavesAHoldAlone() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange().with(Role.LADY, 2, "foot", "L").with(Role.LADY, 2, "place", "holds")))
                .isEmpty();
    }
}
