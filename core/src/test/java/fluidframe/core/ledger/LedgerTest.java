package fluidframe.core.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Beats;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.step.Foot;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class LedgerTest {
    private static <T> List<T> each(RoleLedger ledger, Function<LedgerRow, T> value) {
        return ledger.rows().stream().map(value).toList();
    }

    @Test
    void runsTheTurnOfBothRolesOverANaturalTurn() {
        Ledger ledger = TestChart.naturalTurn().sheet().ledger();
        assertThat(each(ledger.of(Role.MAN), LedgerRow::running)).containsExactly(0, 4, 6, 6, 12, 12);
        assertThat(each(ledger.of(Role.LADY), LedgerRow::running)).containsExactly(0, 6, 6, 6, 10, 12);
        assertThat(each(ledger.of(Role.MAN), row -> row.body().toString()))
                .containsExactly("DW", "DWA", "against LOD", "against LOD", "centre", "DC");
        assertThat(each(ledger.of(Role.LADY), row -> row.foot().toString()))
                .containsExactly("DCA", "LOD", "LOD", "LOD", "wall", "DWA");
        assertThat(each(ledger.of(Role.LADY), LedgerRow::lag)).containsExactly(0, 2, 0, 0, 0, 0);
    }

    @Test
    void keepsTheBodiesOppositeAtEveryMomentOfAClosedFigure() {
        for (Ledger.Moment moment : TestChart.naturalTurn().sheet().ledger().moments()) {
            assertThat(moment.lady().body()).isEqualTo(moment.man().body().opposite());
        }
    }

    @Test
    void worksOutWhatIsNotCharted() {
        TestChart chart = TestChart.naturalTurn();
        for (int step = 2; step <= 6; step++) chart.with(Role.MAN, step, "align", "");
        RoleLedger man = chart.sheet().ledger().of(Role.MAN);
        assertThat(each(man, LedgerRow::isComputed)).containsExactly(false, true, true, true, true, true);
        assertThat(man.last().foot()).isEqualTo(Direction.parse("DC"));
        chart.with(Role.MAN, 1, "align", "").with(Role.MAN, 6, "align", "facing DC");
        assertThat(chart.sheet().ledger().of(Role.MAN).start()).isEqualTo(Direction.parse("DW"));
    }

    @Test
    void tellsStandingAndFreeFootAfterStepsAndBrushes() {
        RoleLedger man = TestChart.doubleReverse().sheet().ledger().of(Role.MAN);
        assertThat(each(man, LedgerRow::standing)).containsExactly(Foot.LEFT, Foot.RIGHT, Foot.RIGHT);
        assertThat(man.last().free()).isEqualTo(Foot.LEFT);
    }

    @Test
    void joinsTheRolesByBeatNotByNumber() {
        Ledger ledger = TestChart.doubleReverse().sheet().ledger();
        assertThat(ledger.onsets()).hasSize(3);
        Ledger.Moment last = ledger.moments().get(2);
        assertThat(last.man().number()).isEqualTo(3);
        assertThat(last.lady().number()).isEqualTo(4);
        assertThat(last.lady().onset()).isEqualTo(Beats.parse("2 1/2"));
    }

    @Test
    void carriesLevelAndPositionOn() {
        Ledger ledger = TestChart.whisk().sheet().ledger();
        assertThat(each(ledger.of(Role.MAN), LedgerRow::up)).containsExactly(true, true, false);
        assertThat(each(ledger.of(Role.LADY), LedgerRow::position))
                .containsExactly(CouplePosition.CLOSED, CouplePosition.CLOSED, CouplePosition.PROMENADE);
        assertThat(ledger.positions().last()).isEqualTo(CouplePosition.PROMENADE);
        assertThat(ledger.positions().before(Beats.of(2))).isEqualTo(CouplePosition.CLOSED);
    }
}
