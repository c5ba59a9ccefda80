package fluidframe.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.rule.Sheet;
import java.util.List;
import org.junit.jupiter.api.Test;

class TurnSharingTest {
    private final Chart turn = TestChart.naturalTurn().chart();

    private static List<String> words(Chart chart, Role role, int step) {
        return TurnSharing.ways(chart, role, step).stream()
                .map(TurnSharing.Way::words)
                .toList();
    }

    @Test
    void offersEveryWayOfEighthsButTheOneCharted() {
        assertThat(words(turn, Role.MAN, 3))
                .containsExactly("1/8, 1/4 on steps 2 to 3", "1/8, 1/8, 1/8 on steps 1 to 3");
        Chart spiral =
                TestChart.latinBasic().with(Role.LADY, 4, "turn", "1 L spiral").chart();
        assertThat(words(spiral, Role.LADY, 4))
                .contains("1/8, 1/8, 1/2, 1/4 on steps 1 to 4", "1/2, 1/2 on steps 3 to 4");
    }

    @Test
    void writesItIntoTheRowsAndTurnsTheirAlignments() {
        Chart shared =
                TurnSharing.of(turn, Role.MAN, 3, "1/8, 1/4 on steps 2 to 3").orElseThrow();
        Ledger before = Sheet.of(turn).ledger();
        Ledger after = Sheet.of(shared).ledger();
        assertThat(after.of(Role.MAN).totalTurn()).isEqualTo(before.of(Role.MAN).totalTurn());
        assertThat(after.of(Role.MAN).rows().get(1).foot())
                .isEqualTo(before.of(Role.MAN).rows().get(1).foot().plus(-2));
        assertThat(after.of(Role.MAN).rows().get(2).foot())
                .isEqualTo(before.of(Role.MAN).rows().get(2).foot());
        assertThat(shared.lady()).isEqualTo(turn.lady());
        assertThat(TurnSharing.of(turn, Role.MAN, 3, "1/2, 1/2 on steps 2 to 3"))
                .isEmpty();
    }

    @Test
    void hasNoWayForATurnToBothSidesAndRefusesAStepThatIsNotThere() {
        Chart both = TestChart.naturalTurn().with(Role.MAN, 2, "turn", "1/4 L").chart();
        assertThat(words(both, Role.MAN, 3)).isEmpty();
        assertThatThrownBy(() -> TurnSharing.ways(turn, Role.MAN, 9)).hasMessageContaining("but was 9");
    }
}
