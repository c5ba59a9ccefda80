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
    void refusesWhatTheGroupDoesNotAllow() {
        assertThatThrownBy(() -> Repetition.of(volta().chart(), 8)).hasMessageContaining("1 to 7 times, but was 8");
        assertThatThrownBy(() -> Repetition.of(TestChart.whisk().chart(), 2))
                .hasMessageContaining("no steps that are repeated");
    }
}
