package fluidframe.core.floor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import java.util.List;
import org.junit.jupiter.api.Test;

class FloorWalkTest {
    private static FloorPlan plan(TestChart chart) {
        return FloorWalk.plan(Ledger.of(chart.chart()), Stride.USUAL);
    }

    @Test
    void putsTheLadyInFrontOfTheManAndALittleToHisRight() {
        FloorPlan plan = plan(TestChart.closedChange()
                .with(Role.MAN, 1, "align", "facing LOD")
                .with(Role.MAN, 2, "align", "")
                .with(Role.MAN, 3, "align", ""));
        Point apart = plan.startLady().minus(plan.startMan());
        assertThat(apart.x()).isCloseTo(0.34, within(0.001));
        assertThat(apart.y()).isCloseTo(0.09, within(0.001));
    }

    @Test
    void walksAStepForwardWhereTheFootPoints() {
        Footfall first = plan(TestChart.closedChange()).of(Role.MAN).get(0);
        assertThat(first.centre().x()).isCloseTo(0.495, within(0.01));
        assertThat(first.centre().y()).isCloseTo(-0.495, within(0.01));
        assertThat(first.direction()).isEqualTo(14);
    }

    @Test
    void keepsEveryCoupleTogetherAndNobodyOnTheOther() {
        for (TestChart chart : TestChart.sound()) {
            assertThat(plan(chart).gaps()).isNotEmpty().allSatisfy(gap -> {
                assertThat(gap.metres()).isBetween(0.28, 0.45);
                assertThat(gap.strainMetres()).isLessThan(1.0);
            });
        }
    }

    @Test
    void closesFeetSideBySide() {
        List<Footfall> man = plan(TestChart.closedChange()).of(Role.MAN);
        Point gap = man.get(2).place().minus(man.get(1).place());
        assertThat(gap.length()).isCloseTo(2 * Walk.HALF_TRACK, within(0.03));
    }

    @Test
    void turnsTheWholePictureWithTheLineOfDance() {
        Ledger ledger = Ledger.of(TestChart.naturalTurn().chart());
        FloorPlan straight = FloorWalk.plan(ledger, Stride.USUAL);
        for (int rotation = 0; rotation < 16; rotation++) {
            FloorPlan turned = FloorWalk.plan(List.of(new FloorWalk.Leg(ledger, rotation)), Point.ORIGIN, Stride.USUAL);
            Point before = straight.finish();
            Point after = turned.finish();
            assertThat(after.length()).isCloseTo(before.length(), within(1e-9));
            double angle = Math.atan2(after.y(), after.x()) - Math.atan2(before.y(), before.x());
            assertThat(Math.cos(angle - rotation * Math.PI / 8)).isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void growsWithTheStrideAndAlwaysGivesTheSameFloor() {
        Ledger ledger = Ledger.of(TestChart.naturalTurn().chart());
        double shorter = FloorWalk.plan(ledger, new Stride(0.5)).finish().length();
        assertThat(FloorWalk.plan(ledger, new Stride(0.9)).finish().length()).isGreaterThan(shorter);
        assertThat(FloorWalk.plan(ledger, Stride.USUAL)).isEqualTo(FloorWalk.plan(ledger, Stride.USUAL));
        assertThatThrownBy(() -> new Stride(2)).hasMessage("A stride must be from 0.3 to 1.2 metres, but was 2.0");
    }

    @Test
    void crossesBehindTheStandingFoot() {
        List<Footfall> man = plan(TestChart.whisk()).of(Role.MAN);
        Point behind = man.get(2).place().minus(man.get(1).place());
        Point facing = Point.polar(1, 2);
        assertThat(behind.x() * facing.x() + behind.y() * facing.y()).isNegative();
    }
}
