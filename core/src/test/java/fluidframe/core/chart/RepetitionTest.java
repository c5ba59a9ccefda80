package fluidframe.core.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.step.Foot;
import java.util.List;
import org.junit.jupiter.api.Test;

class RepetitionTest {
    private static TestChart volta() {
        return TestChart.of("volta", """
                man  | 1 | R | crosses in front | facing wall |
                man  | a | L | side             | facing wall |
                man  | 2 | R | crosses in front | facing wall |
                lady | 1 | L | crosses in front | facing centre |
                lady | a | R | side             | facing centre |
                lady | 2 | L | crosses in front | facing centre |
                """).dance(Dance.SAMBA).repeating(new RepeatGroup(1, 2, 1, 7, false));
    }

    @Test
    void countsRunOnOverTheCopies() {
        Chart thrice = Repetition.of(volta().chart(), 3);
        assertThat(thrice.rhythm(Role.MAN)).hasToString("1 a 2 a 1 a 2");
        assertThat(thrice.man())
                .extracting(Step::foot)
                .containsExactly(Foot.RIGHT, Foot.LEFT, Foot.RIGHT, Foot.LEFT, Foot.RIGHT, Foot.LEFT, Foot.RIGHT);
    }

    @Test
    void mirrorsEverySecondTimeAndTellsWhichNumbersLeaveAFootFree() {
        Chart basic = TestChart.latinBasic()
                .repeating(new RepeatGroup(1, 5, 1, 4, true))
                .chart();
        assertThat(Repetition.of(basic, 2).man().get(5).spoken()).isEqualTo("RF forward");
        assertThat(Repetition.leavingFree(basic, Role.MAN, Foot.RIGHT)).isEqualTo(List.of(1, 3));
        assertThat(Repetition.leavingFree(basic, Role.MAN, Foot.LEFT)).isEqualTo(List.of(2, 4));
        assertThat(Repetition.leavingFree(basic, Role.LADY, Foot.LEFT)).isEqualTo(List.of(1, 3));
    }

    @Test
    void goesOnTurningFromCopyToCopy() {
        Chart turns = TestChart.naturalTurn()
                .repeating(new RepeatGroup(1, 6, 1, 4, false))
                .chart();
        Chart twice = Repetition.of(turns, 2);
        Ledger ledger = Ledger.of(twice);
        assertThat(ledger.of(Role.MAN).totalTurn()).isEqualTo(24);
        assertThat(twice.man().get(6).alignment()).hasToString("Optional[facing DC]");
        assertThat(ledger.of(Role.LADY).rows()).allMatch(row -> row.foot().equals(row.expected()));
    }

    @Test
    void writesEveryGroupOutAsOftenAsAsked() {
        Chart chart = volta().repeating(new RepeatGroup(3, 3, 1, 4, false)).chart();
        Chart both = Repetition.of(chart, List.of(2, 3), false);
        assertThat(both.man())
                .extracting(step -> step.placement().toString())
                .containsExactly(
                        "crosses in front",
                        "side",
                        "crosses in front",
                        "side",
                        "crosses in front",
                        "crosses in front",
                        "crosses in front");
        assertThat(both.rhythm(Role.MAN)).hasToString("1 a 2 a 1 2 1");
        assertThat(Repetition.most(chart)).containsExactly(7, 4);
        assertThatThrownBy(() -> Repetition.of(chart, List.of(1, 1, 2), false))
                .hasMessageContaining("2 stretches that are repeated, but 3 were named");
        assertThatThrownBy(() -> Repetition.of(chart, List.of(1, 5), false))
                .hasMessageContaining("1 to 4 times, but was 5");
    }

    @Test
    void mirrorsWhatFollowsAGroupThatEndsOnTheOtherSide() {
        Chart chart = TestChart.latinBasic()
                .repeating(new RepeatGroup(1, 3, 1, 4, true))
                .repeating(new RepeatGroup(4, 5, 1, 2, false))
                .chart();
        Chart twice = Repetition.of(chart, List.of(2, 2), false);
        assertThat(twice.man()).hasSize(10);
        assertThat(twice.man().get(3).foot())
                .isEqualTo(twice.man().get(0).foot().other());
        assertThat(twice.man().get(6).foot())
                .isEqualTo(chart.man().get(3).foot().other());
        assertThat(twice.man().get(8).foot()).isEqualTo(twice.man().get(6).foot());
    }

    @Test
    void refusesGroupsThatRunIntoEachOther() {
        assertThatThrownBy(() ->
                        volta().repeating(new RepeatGroup(2, 3, 1, 4, false)).chart())
                .hasMessage("The repeat of steps 2-3 must begin after the repeat before it, which ends on step 2");
    }

    @Test
    void aSpotGoesRoundWithTheCopies() {
        Chart turns = TestChart.of("spin", """
                man  | 1 | R | forward | facing LOD  | 1/2 R |
                lady | 1 | L | back    | backing LOD | 1/2 R |
                """)
                .repeating(new RepeatGroup(1, 1, 1, 4, false))
                .chart();
        Step charted =
                turns.man().get(0).draft().set(Column.HEAD, "spot wall, R on 1").step();
        Chart looking = turns.withRows(List.of(charted), turns.lady());
        Chart twice = Repetition.of(looking, 2);
        assertThat(twice.man().get(1).head()).hasToString("spot centre, R on 1");
    }

    @Test
    void refusesWhatTheGroupDoesNotAllow() {
        assertThatThrownBy(() -> Repetition.of(volta().chart(), 8)).hasMessageContaining("1 to 7 times, but was 8");
        assertThatThrownBy(() -> Repetition.of(TestChart.whisk().chart(), 2))
                .hasMessageContaining("no steps that are repeated");
    }
}
