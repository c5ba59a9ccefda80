package fluidframe.core.rule.body;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class BounceFitsRhythmTest {
    private final Rule rule = new BounceFitsRhythm();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsABasicBounceOnADividedBeat() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .dance(Dance.SAMBA)
                                .with(Role.MAN, 4, "count", "a")
                                .with(Role.MAN, 3, "bounce", "basic")))
                .containsExactly(
                        "man 3: The man's step 3 lasts 3/4 of a beat, for which the basic bounce has no time.");
    }

    @Test
    void allowsTheAlternativeOne() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .dance(Dance.SAMBA)
                                .with(Role.MAN, 4, "count", "a")
                                .with(Role.MAN, 3, "bounce", "alternative")))
                .isEmpty();
    }
}
