package fluidframe.core.couple;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.direction.Direction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CouplePositionTest {
    @ParameterizedTest
    @EnumSource
    void readsWhatItPrintsAndMirrorsBack(CouplePosition position) {
        assertThat(CouplePosition.parse(position.toString())).isEqualTo(position);
        assertThat(position.mirrored().mirrored()).isEqualTo(position);
        assertThat(position.relation()).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource
    void theMirroredPositionHasTheMirroredRelation(CouplePosition position) {
        for (int man = 0; man < 16; man++) {
            for (int lady = 0; lady < 16; lady++) {
                boolean fits = position.misfit(Direction.of(man), Direction.of(lady)) == 0;
                boolean other = position.mirrored().misfit(Direction.of(-man), Direction.of(-lady)) == 0;
                if (position.mirrored() != position) assertThat(other).isEqualTo(fits);
            }
        }
    }

    @Test
    void fromClosedToPromenadeSheOpensToHerRightOnly() {
        assertThat(CouplePosition.CLOSED.isOnTheWayTo(CouplePosition.PROMENADE, Direction.of(2), Direction.of(12)))
                .isTrue();
        assertThat(CouplePosition.CLOSED.isOnTheWayTo(CouplePosition.PROMENADE, Direction.of(2), Direction.of(8)))
                .isFalse();
    }

    @Test
    void turningAloneFitsEveryRelation() {
        for (int lady = 0; lady < 16; lady++) {
            assertThat(CouplePosition.TURNING_ALONE.misfit(Direction.LOD, Direction.of(lady)))
                    .isZero();
        }
    }

    @ParameterizedTest
    @EnumSource
    void everyHoldReadsWhatItPrints(Hold hold) {
        assertThat(Hold.parse(hold.toString())).isEqualTo(hold);
        assertThat(hold.mirrored().mirrored()).isEqualTo(hold);
    }
}
