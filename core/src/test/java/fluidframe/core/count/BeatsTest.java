package fluidframe.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BeatsTest {
    @ParameterizedTest
    @ValueSource(strings = {"0", "1", "1/2", "3/4", "1 1/2", "12 2/3"})
    void printsWhatItReads(String text) {
        assertThat(Beats.parse(text)).hasToString(text);
    }

    @ParameterizedTest
    @CsvSource({"2/4, 1/2", "3/2, 1 1/2", "4/2, 2"})
    void reducesAndMixes(String text, String canonical) {
        assertThat(Beats.parse(text)).hasToString(canonical).isEqualTo(Beats.parse(canonical));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "1.5", "-1", "1 2", "1//2"})
    void refusesWhatIsNoNumberOfBeats(String text) {
        assertThatThrownBy(() -> Beats.parse(text))
                .hasMessage("Beats must look like \"1\", \"1/2\" or \"1 1/2\", but was \"" + text + "\"");
    }

    @Test
    void refusesRangesOutsideItsOwn() {
        assertThatThrownBy(() -> Beats.ONE.minus(Beats.of(2))).hasMessageContaining("from 0 to 100000, but was -1");
        assertThatThrownBy(() -> Beats.of(100_001)).hasMessageContaining("from 0 to 100000");
        assertThatThrownBy(() -> Beats.of(1, 0)).hasMessage("Beats must not be divided by 0");
    }

    @Test
    void addsExactlyWhereFloatsWouldNot() {
        Beats third = Beats.of(1, 3);
        assertThat(third.plus(third).plus(third)).isEqualTo(Beats.ONE);
        Beats sum = Beats.ZERO;
        for (int i = 0; i < 10; i++) sum = sum.plus(Beats.of(1, 10));
        assertThat(sum).isEqualTo(Beats.ONE);
    }

    @Test
    void splitsIntoBarsAndRemainderForAnyLength() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            Beats beats = Beats.of(random.nextInt(400), 1 + random.nextInt(8));
            Beats bar = Beats.of(2 + random.nextInt(3));
            assertThat(bar.times(beats.dividedBy(bar)).plus(beats.remainder(bar)))
                    .isEqualTo(beats);
            assertThat(beats.remainder(bar)).isLessThan(bar);
            assertThat(Beats.parse(beats.toString())).isEqualTo(beats);
        }
    }

    @Test
    void lastsSecondsAtATempo() {
        assertThat(Beats.of(48).toSeconds(new Tempo(29, 3))).isEqualByComparingTo("33.103");
        assertThatThrownBy(() -> new Tempo(0, 3)).hasMessage("Tempo must be from 1 to 120 bars a minute, but was 0.0");
        assertThatThrownBy(() -> new Tempo(30, 13)).hasMessage("A bar must have 1 to 12 beats, but had 13");
    }
}
