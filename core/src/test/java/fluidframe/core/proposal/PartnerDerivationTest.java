package fluidframe.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import java.util.List;
import org.junit.jupiter.api.Test;

class PartnerDerivationTest {
    private static List<Step> derived(Chart chart, Role from) {
        return PartnerDerivation.of(chart, from).stream()
                .map(PartnerDerivation.Proposed::row)
                .toList();
    }

    @Test
    void derivesTheLadyOfANaturalTurnCellByCell() {
        Chart chart = TestChart.naturalTurn().chart();
        assertThat(derived(chart, Role.MAN)).isEqualTo(chart.lady());
    }

    @Test
    void derivesTheManFromTheLadyToo() {
        Chart chart = TestChart.naturalTurn().chart();
        assertThat(derived(chart, Role.LADY)).isEqualTo(chart.man());
    }

    @Test
    void saysWhyTheInsideFootPointsAhead() {
        assertThat(PartnerDerivation.of(TestChart.naturalTurn().chart(), Role.MAN))
                .element(1)
                .satisfies(row -> assertThat(row.because())
                        .isEqualTo("the opposite of LF side; on the inside of the turn the foot points ahead by 1/8"));
    }

    @Test
    void proposesAHeelTurnWhereThePartnerPasses() {
        Chart passing =
                TestChart.naturalTurn().with(Role.MAN, 3, "place", "back").chart();
        PartnerDerivation.Proposed second =
                PartnerDerivation.of(passing, Role.MAN).get(1);
        assertThat(second.row().spoken()).isEqualTo("RF closes");
        assertThat(second.row().turn()).hasToString("3/8 R heel turn, body less");
        assertThat(second.sure()).isFalse();
    }

    @Test
    void opensToPromenadeWithTheMan() {
        List<Step> lady = derived(TestChart.whisk().chart(), Role.MAN);
        assertThat(lady.get(2).turn()).hasToString("1/4 R");
        assertThat(lady.get(2).alignment()).hasToString("Optional[facing DC]");
    }

    @Test
    void answersAStepOutsidePartner() {
        Chart outside = TestChart.closedChange()
                .with(Role.MAN, 1, "place", "forward in CBMP outside partner")
                .chart();
        assertThat(derived(outside, Role.MAN).get(0).spoken()).isEqualTo("LF back in CBMP partner outside");
    }

    @Test
    void mirrorsALatinBasic() {
        Chart basic = TestChart.latinBasic().dance(Dance.RUMBA).chart();
        assertThat(derived(basic, Role.MAN)).isEqualTo(basic.lady());
    }

    @Test
    void refusesARoleWithoutRows() {
        Chart solo = TestChart.closedChange().chart();
        Chart alone = solo.withRows(solo.man(), List.of());
        assertThatThrownBy(() -> PartnerDerivation.of(alone, Role.LADY))
                .hasMessage("The lady must have rows to derive the partner's from");
    }
}
