package fluidframe.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class RhythmChoicesTest {
    private static List<String> choices(Dance dance, int steps, int beats, int start) {
        return RhythmChoices.of(dance, steps, Beats.of(beats), Beats.of(start)).stream()
                .map(Rhythm::toString)
                .toList();
    }

    @Test
    void listsWhatTheDancePermitsForThreeSteps() {
        assertThat(choices(Dance.FOXTROT, 3, 4, 0)).containsExactly("Q Q S", "Q S Q", "S Q Q");
        assertThat(choices(Dance.VIENNESE_WALTZ, 3, 3, 0)).containsExactly("1 2 3");
    }

    @Test
    void listsEvenRhythmsBeforeDividedOnes() {
        List<String> five = choices(Dance.CHA_CHA, 5, 4, 1);
        assertThat(five).contains("Q Q Q & Q").doesNotHaveDuplicates();
        assertThat(choices(Dance.RUMBA, 3, 4, 1)).first().isIn("Q Q S", "2 3 4.1");
    }

    @Test
    void everyOneLastsAsAskedAndIsFoundOnce() {
        for (Dance dance : Dance.values()) {
            List<Rhythm> all = RhythmChoices.of(dance, 4, dance.bar().times(2), Beats.ZERO);
            assertThat(all).allMatch(rhythm -> rhythm.total().equals(dance.bar().times(2)));
            assertThat(all).doesNotHaveDuplicates();
        }
    }

    @Test
    void countsAsManyAsPlainEnumeration() {
        assertThat(choices(Dance.QUICKSTEP, 4, 6, 0)).hasSize(plainCount(4, 12));
    }

    /** Lengths 1, 2 and 4 half beats, a half only in pairs within one beat. */
    private static int plainCount(int steps, int halves) {
        return plain(steps, halves, 0);
    }

    private static int plain(int steps, int left, int into) {
        if (steps == 0) return left == 0 ? 1 : 0;
        int found = 0;
        for (int length : new int[] {1, 2, 4}) {
            if (length > left || into == 1 && length > 1) continue;
            found += plain(steps - 1, left - length, (into + length) % 2);
        }
        return found;
    }

    @Test
    void refusesMoreStepsThanItLists() {
        assertThatThrownBy(() -> RhythmChoices.of(Dance.WALTZ, 17, Beats.of(9), Beats.ZERO))
                .hasMessageContaining("but there were 17");
    }
}
