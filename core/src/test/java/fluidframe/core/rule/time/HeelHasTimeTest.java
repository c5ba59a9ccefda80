package fluidframe.core.rule.time;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class HeelHasTimeTest {
    private final Rule rule = new HeelHasTime();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAHeelLoweredOnHalfABeatBetweenTheBeats() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 4, "work", "BF")))
                .containsExactly(
                        "man 4: The man's step 4 lasts 0.24 seconds at the usual tempo, which is too short to lower the heel as BF asks.");
    }

    @Test
    void allowsItOnTheBeatThoughTheNextStepComesHalfABeatLater() {
        assertThat(reasons(rule, TestChart.latinBasic().with(Role.MAN, 3, "work", "BF")))
                .isEmpty();
    }

    @Test
    void allowsItWithoutWeight() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic().with(Role.MAN, 4, "work", "BF").with(Role.MAN, 4, "weight", "none")))
                .isEmpty();
    }
}
