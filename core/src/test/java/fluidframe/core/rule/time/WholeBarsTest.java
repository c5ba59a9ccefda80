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
    void asksForHalfBarsWhereADanceMayStartOnThem() {
        assertThat(reasons(rule, TestChart.closedChange().dance(Dance.FOXTROT)))
                .first()
                .isEqualTo("man 3: The man's rows last 3 beats, which is 1 over a whole number of half bars of 2.");
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 3, "count", "S")
                                .with(Role.LADY, 3, "count", "S")
                                .dance(Dance.FOXTROT)))
                .isEmpty();
    }

    @Test
    void asksForWholeBarsWhereADanceStartsOnOneBeatOnly() {
        assertThat(reasons(rule, TestChart.closedChange().dance(Dance.RUMBA)))
                .first()
                .isEqualTo("man 3: The man's rows last 3 beats, which is 3 over a whole number of bars of 4.");
    }
}
