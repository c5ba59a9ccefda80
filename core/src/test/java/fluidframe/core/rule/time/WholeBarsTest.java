package fluidframe.core.rule.time;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class WholeBarsTest {
    private final Rule rule = new WholeBars();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void tellsWhatIsOver() {
        assertThat(reasons(rule, TestChart.closedChange().without(Role.MAN, 3)))
                .containsExactly("man 2: The man's rows last 2 beats, which is 2 over a whole number of bars of 3.");
    }

    @Test
    void asksOnlyForWholeBeatsInOtherDances() {
        assertThat(reasons(rule, TestChart.closedChange().dance(Dance.FOXTROT))).isEmpty();
    }

    @Test
    void findsAHalfBeatInOtherDances() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.LADY, 3, "count", "&")
                                .dance(Dance.FOXTROT)))
                .isEmpty();
    }

    @Test
    void findsALostHalfBeat() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.LADY, 1, "count", "&")
                                .with(Role.LADY, 2, "count", "2")
                                .dance(Dance.FOXTROT)))
                .containsExactly(
                        "lady 3: The lady's rows last 2 1/2 beats, which is 1/2 over a whole number of beats.");
    }
}
