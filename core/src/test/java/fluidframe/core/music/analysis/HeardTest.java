package fluidframe.core.music.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.count.Dance;
import java.util.List;
import org.junit.jupiter.api.Test;

class HeardTest {
    private static final int RATE = 22_050;

    /** A click on every beat, the first of each bar lower and louder. */
    private static Recording clicks(double beatsPerMinute, int beatsPerBar, int beats) {
        double apart = 60 / beatsPerMinute;
        float[] samples = new float[(int) ((1 + beats * apart) * RATE)];
        for (int beat = 0; beat < beats; beat++) {
            boolean one = beat % beatsPerBar == 0;
            int from = (int) ((0.5 + beat * apart) * RATE);
            for (int i = 0; i < 1500 && from + i < samples.length; i++) {
                double t = i / (double) RATE;
                samples[from + i] +=
                        (float) ((one ? 0.9 : 0.4) * Math.sin(2 * Math.PI * (one ? 110 : 900) * t) * Math.exp(-t * 60));
            }
        }
        return new Recording(samples, RATE);
    }

    private static Heard heard(Recording recording, Dance dance) {
        return Hearing.of(recording, dance, share -> {}).heard();
    }

    @Test
    void hearsClicksOnTheirBeatsToAHundredthOfASecond() {
        Heard heard = heard(clicks(87, 3, 60), Dance.WALTZ);
        assertThat(heard.barsPerMinute()).isCloseTo(29, within(0.05));
        assertThat(heard.beats()).hasSize(60);
        for (int beat = 0; beat < 60; beat++) {
            assertThat(heard.beats().get(beat)).isCloseTo(0.5 + beat * 60 / 87.0, within(0.01));
        }
        assertThat(heard.firstOne() % 3).isZero();
        assertThat(heard.sureOfOne()).isGreaterThan(0.2);
    }

    @Test
    void theDanceSettlesTheOctave() {
        Recording clicks = clicks(176, 3, 90);
        assertThat(heard(clicks, Dance.VIENNESE_WALTZ).barsPerMinute()).isCloseTo(176 / 3.0, within(0.3));
        assertThat(heard(clicks, Dance.WALTZ).barsPerMinute()).isCloseTo(88 / 3.0, within(0.3));
    }

    @Test
    void hearsNothingInSilenceAndBearsAMoment() {
        Heard silent = heard(new Recording(new float[RATE * 5], RATE), Dance.TANGO);
        assertThat(silent.beats()).isEmpty();
        assertThat(silent.barsPerMinute()).isZero();
        assertThat(heard(new Recording(new float[0], RATE), Dance.TANGO).beats())
                .isEmpty();
        assertThat(heard(new Recording(new float[] {1}, RATE), Dance.TANGO).beats())
                .hasSizeLessThan(2);
        // Two clicks are counted to the end of their bar.
        assertThat(heard(clicks(120, 4, 2), Dance.FOXTROT).beats()).hasSize(4);
    }

    @Test
    void refusesWhatIsTooLongOrOfAnotherRate() {
        assertThatThrownBy(() -> new Recording(new float[8000 * 721], 8000))
                .hasMessage("A recording must last at most 720 seconds, but lasts 721");
        assertThatThrownBy(() -> new Recording(new float[1], 4000))
                .hasMessageContaining("8000 to 48000 samples a second");
        assertThat(List.of(new Recording(new float[44_100], 44_100).seconds())).containsExactly(1.0);
    }
}
