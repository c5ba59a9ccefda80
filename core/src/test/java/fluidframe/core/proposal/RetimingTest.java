package fluidframe.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.chart.Chart;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RetimingTest {
    private final Chart basic = TestChart.latinBasic().chart();

    private static String counts(Chart chart, Role role) {
        return chart.rhythm(role).toString();
    }

    @Test
    void holdsAStepAndCatchesUpInBothRoles() {
        Retiming.Outcome outcome = Retiming.of(basic, Role.MAN).hold(1, Beats.HALF, Optional.empty());
        assertThat(outcome.words()).isEqualTo("Step 1 is held 1/2 longer and step 2 catches up.");
        Chart held = outcome.chart().orElseThrow();
        assertThat(counts(held, Role.MAN)).isEqualTo("2.3 & 4 & 1");
        assertThat(counts(held, Role.LADY)).isEqualTo("2.3 & 4 & 1");
        assertThat(held.length()).isEqualTo(basic.length());
    }

    @Test
    void letsAChosenLaterStepCatchUp() {
        Chart held = Retiming.of(basic, Role.LADY)
                .hold(2, Beats.HALF, Optional.of(5))
                .chart()
                .orElseThrow();
        assertThat(counts(held, Role.MAN)).isEqualTo("2 3.4 & 1 &");
    }

    @Test
    void refusesWhatWouldBreakTheBarWithTheAmount() {
        assertThat(Retiming.of(basic, Role.MAN)
                        .hold(3, Beats.ONE, Optional.empty())
                        .words())
                .isEqualTo(
                        "Step 3 cannot be held 1 longer: no later step lasts longer than that, and the bar would break by 1.");
        assertThat(Retiming.of(basic, Role.MAN)
                        .hold(1, Beats.ONE, Optional.of(3))
                        .words())
                .isEqualTo("Step 3 lasts 1/2 and cannot catch up 1: the bar would break by 1.");
        assertThat(Retiming.of(basic, Role.MAN)
                        .split(1, false, Optional.empty())
                        .words())
                .isEqualTo(
                        "With steps 1 and 2 in the time of one, the bar would break by 1: say which later step lasts longer for it.");
        assertThat(Retiming.of(basic, Role.MAN).delay(3, Beats.ONE).words())
                .isEqualTo("Step 3 lasts 1/2 and cannot be delayed by 1: the bar would break by 1.");
        assertThat(Retiming.of(basic, Role.MAN)
                        .rhythm(Rhythm.parse(Dance.CHA_CHA, "2 3 4 1 2"))
                        .words())
                .isEqualTo("The rhythm 2 3 4 1 2 lasts 5 beats and the figure 4: the bar would break by 1.");
    }

    @Test
    void splitsABeatAndGivesTheTimeToALaterStep() {
        Chart change = TestChart.closedChange().chart();
        Chart split = Retiming.of(change, Role.MAN)
                .split(1, false, Optional.of(3))
                .chart()
                .orElseThrow();
        assertThat(counts(split, Role.MAN)).isEqualTo("1 & 2.3");
        assertThat(counts(split, Role.LADY)).isEqualTo("1 & 2.3");
        assertThat(counts(
                        Retiming.of(change, Role.MAN)
                                .split(1, true, Optional.of(2))
                                .chart()
                                .orElseThrow(),
                        Role.MAN))
                .isEqualTo("1 a+1 3");
    }

    @Test
    void delaysAStep() {
        Chart late = Retiming.of(basic, Role.MAN).delay(2, Beats.HALF).chart().orElseThrow();
        assertThat(counts(late, Role.MAN)).isEqualTo("2.3 & 4 & 1");
        assertThat(Retiming.of(basic, Role.MAN).delay(1, Beats.HALF).words()).contains("begin with a hold");
    }

    @Test
    void closesInsteadOfAWalkForBoth() {
        Chart closed = Retiming.of(basic, Role.MAN).closeInstead(1).chart().orElseThrow();
        assertThat(closed.man().get(0).spoken()).isEqualTo("LF closes");
        assertThat(closed.lady().get(0).spoken()).isEqualTo("RF closes");
        assertThat(Retiming.of(basic, Role.MAN).closeInstead(4).words()).contains("does not travel");
    }

    @Test
    void keepsSlowsAndQuicksWhereTheySay() {
        Chart foxtrot = TestChart.closedChange()
                .dance(Dance.FOXTROT)
                .with(Role.MAN, 1, "count", "S")
                .with(Role.MAN, 2, "count", "Q")
                .with(Role.MAN, 3, "count", "Q")
                .with(Role.LADY, 1, "count", "S")
                .with(Role.LADY, 2, "count", "Q")
                .with(Role.LADY, 3, "count", "Q")
                .chart();
        assertThat(counts(
                        Retiming.of(foxtrot, Role.MAN)
                                .rhythm(Rhythm.parse(Dance.FOXTROT, "Q Q S"))
                                .chart()
                                .orElseThrow(),
                        Role.LADY))
                .isEqualTo("Q Q S");
    }

    @Test
    void refusesAStepThatIsNotThere() {
        assertThatThrownBy(() -> Retiming.of(basic, Role.MAN).delay(6, Beats.HALF))
                .hasMessage("The step must be from 1 to 5, but was 6");
    }

    @Test
    void growsByWholeBarsOnOneStep() {
        Chart longer = Retiming.of(basic, Role.LADY).lengthen(2, 1).chart().orElseThrow();
        assertThat(longer.length()).isEqualTo(basic.length().plus(Beats.of(4)));
        assertThat(counts(longer, Role.LADY)).isEqualTo("2 3.4.1.2.3 4 & 1");
        assertThat(counts(longer, Role.MAN)).isEqualTo("2 3.4.1.2.3 4 & 1");
        Chart last = Retiming.of(basic, Role.MAN).lengthen(5, 1).chart().orElseThrow();
        assertThat(counts(last, Role.MAN)).isEqualTo("2 3 4 & 1.2.3.4.1");
        assertThat(Retiming.of(basic, Role.MAN).lengthen(1, 2).words())
                .isEqualTo(
                        "Step 1 would last 9 beats; one step is held for 8 at the most: spread the bars over several steps.");
        assertThat(Retiming.of(basic, Role.MAN).lengthen(1, 0).chart()).isEmpty();
    }
}
