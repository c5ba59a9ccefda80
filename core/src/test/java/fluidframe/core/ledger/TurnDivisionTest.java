package fluidframe.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class TurnDivisionTest {
    @Test
    void dividesThreeQuartersAsCoachesDo() {
        assertThat(TurnDivision.of(12).words())
                .isEqualTo("of 3/4: 1/8 with the preceding step, 1/8 swivel, 3/8 on the ball, 1/8 on the last");
    }

    @Test
    void leavesASmallTurnWhole() {
        assertThat(TurnDivision.of(-4).words()).isEqualTo("of 1/4: 1/4 on the last");
        assertThat(TurnDivision.of(0).shares()).isEmpty();
    }

    @Test
    void alwaysAddsUpToTheWholeAndKeepsItsSide() {
        for (int turn = -32; turn <= 32; turn++) {
            int side = Integer.signum(turn);
            TurnDivision division = TurnDivision.of(turn);
            assertThat(division.shares().stream()
                            .mapToInt(TurnDivision.Share::sixteenths)
                            .sum())
                    .isEqualTo(turn);
            assertThat(division.shares()).allMatch(share -> Integer.signum(share.sixteenths()) == side);
        }
    }
}
