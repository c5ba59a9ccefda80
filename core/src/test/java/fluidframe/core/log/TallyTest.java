package fluidframe.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.couple.Role;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TallyTest {
    private static final Entry.Subject WHISK = new Entry.Subject("figure", "waltz.whisk", "Whisk");

    private static Entry clean(String run, double tempo) {
        return new Entry(WHISK, new Entry.Run(run, 0, 3, tempo), Optional.empty(), Entry.Whom.UNSAID);
    }

    private static Entry fault(Role role, int row, String seen, String cue) {
        return fault("a", role, row, seen, cue);
    }

    private static Entry fault(String run, Role role, int row, String seen, String cue) {
        return new Entry(
                WHISK,
                new Entry.Run(run, 0, 3, 20),
                Optional.of(new Entry.Fault("waltz.whisk", "Whisk", 0, role, row, seen, "", cue)),
                Entry.Whom.UNSAID);
    }

    @Test
    void theSameFaultAtTheSameStepIsOneWithTheCueGivenLast() {
        Tally tally = Tally.of(List.of(
                fault(Role.LADY, 3, "Late", "Back first"),
                fault(Role.LADY, 2, "Heel", ""),
                fault(Role.LADY, 3, " late ", "Open on two"),
                fault(Role.MAN, 3, "Late", ""),
                fault(Role.LADY, 3, "late", "")));
        assertThat(tally.faults()).extracting(Tally.Often::times).containsExactly(3, 1, 1);
        assertThat(tally.faults().get(0).cue()).isEqualTo("Open on two");
        assertThat(tally.faults().get(0).seen()).isEqualTo("Late");
        assertThat(tally.clean()).isZero();
        assertThat(tally.fastestClean()).isEmpty();
    }

    @Test
    void cleanRunsTellTheFastestTempoDancedClean() {
        Tally tally =
                Tally.of(List.of(clean("a", 18), clean("b", 24), fault("c", Role.MAN, 1, "Late", ""), clean("d", 20)));
        assertThat(tally.runs()).isEqualTo(4);
        assertThat(tally.clean()).isEqualTo(3);
        assertThat(tally.fastestClean()).hasValue(24);
    }

    @Test
    void twoFaultsOfOneRunAreOneRunAndACleanOneWithAFaultIsNotClean() {
        Tally tally = Tally.of(List.of(
                fault("a", Role.MAN, 1, "Late", ""),
                fault("a", Role.LADY, 2, "Heel", ""),
                fault("b", Role.LADY, 2, "Heel", ""),
                clean("b", 30),
                clean("c", 28),
                clean("c", 28)));
        assertThat(tally.runs()).isEqualTo(3);
        assertThat(tally.clean()).isEqualTo(1);
        assertThat(tally.fastestClean()).hasValue(28);
    }

    @Test
    void whatSaysNothingIsRefusedWithTheReason() {
        assertThatThrownBy(() -> fault(Role.MAN, 1, " ", "")).hasMessage("Say what was seen");
        assertThatThrownBy(() -> fault(Role.MAN, 0, "Late", "")).hasMessageContaining("row 0");
        assertThatThrownBy(() -> fault(Role.MAN, 1, "x".repeat(301), "")).hasMessageContaining("300");
        assertThatThrownBy(() -> new Entry.Run("a", 3, 3, 20)).hasMessageContaining("end after it begins");
        assertThatThrownBy(() -> new Entry.Run("a", 0, 3, Double.NaN)).hasMessageContaining("300 bars");
        assertThatThrownBy(() -> new Entry.Run(" ", 0, 3, 20)).hasMessageContaining("key");
        assertThatThrownBy(() -> new Entry.Subject("song", "a", "b")).hasMessageContaining("song");
        assertThatThrownBy(() -> new Entry.Subject("figure", "a".repeat(81), "b"))
                .hasMessageContaining("80");
        assertThatThrownBy(() -> new Entry.Subject("figure", " ", "b")).hasMessageContaining("id and a name");
    }
}
