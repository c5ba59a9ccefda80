package fluidframe.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Variant;
import fluidframe.core.couple.Role;
import org.junit.jupiter.api.Test;

class VariantDerivationTest {
    private static final Chart BEFORE = TestChart.naturalTurn().chart();

    @Test
    void beginsWithTheFirstRowOfTheManThatDiffersAndTheLadyFromThatBeat() {
        Chart now = TestChart.naturalTurn().with(Role.MAN, 5, "turn", "1/4 R").chart();
        Variant variant = VariantDerivation.of(BEFORE, now, "Under turned!").orElseThrow();
        assertThat(variant.id()).isEqualTo("under-turned");
        assertThat(variant.keep()).isEqualTo(4);
        assertThat(variant.man()).isEqualTo(now.man().subList(4, 6));
        assertThat(variant.lady()).isEqualTo(now.lady().subList(4, 6));
    }

    @Test
    void goesBackToHisRowAtTheBeatOfTheLadyWhereOnlySheDiffers() {
        Chart now = TestChart.naturalTurn().with(Role.LADY, 3, "note", "softer").chart();
        Variant variant = VariantDerivation.of(BEFORE, now, "?").orElseThrow();
        assertThat(variant.id()).isEqualTo("variant");
        assertThat(variant.keep()).isEqualTo(2);
        assertThat(variant.man()).isEqualTo(BEFORE.man().subList(2, 6));
        assertThat(variant.lady().get(0).note()).isEqualTo("softer");
    }

    @Test
    void isNothingWhereNoRowDiffers() {
        assertThat(VariantDerivation.of(BEFORE, TestChart.naturalTurn().chart(), "Same"))
                .isEmpty();
    }

    @Test
    void hasRowsOfBothRolesAlsoWhereTheLastWereTakenOff() {
        TestChart chart = TestChart.naturalTurn();
        Chart shorter = chart.without(Role.MAN, 6).without(Role.LADY, 6).chart();
        Variant variant = VariantDerivation.of(BEFORE, shorter, "Shorter").orElseThrow();
        assertThat(variant.keep()).isEqualTo(4);
        assertThat(variant.man()).hasSize(1);
        assertThat(variant.lady()).hasSize(1);
    }
}
