package fluidframe.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.RoleWords;
import org.junit.jupiter.api.Test;

class PositionChangeTest {
    @Test
    void explainsOpeningToPromenadeByBothTurns() {
        assertThat(PositionChange.of(Ledger.of(TestChart.whisk().chart())))
                .extracting(change -> RoleWords.plain(change.told()))
                .containsExactly("closed to promenade: the man no turn, the lady 1/4 R");
    }

    @Test
    void isSilentWhereNothingChanges() {
        assertThat(PositionChange.of(Ledger.of(TestChart.naturalTurn().chart())))
                .isEmpty();
    }
}
