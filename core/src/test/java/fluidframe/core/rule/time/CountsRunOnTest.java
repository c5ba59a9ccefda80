package fluidframe.core.rule.time;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class CountsRunOnTest {
    private final Rule rule = new CountsRunOn();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void namesTheBeatThatIsMissing() {
        assertThat(reasons(rule, TestChart.naturalTurn().without(Role.MAN, 2)))
                .containsExactly("man 2: The man's step 2 is counted \"3\", but the rows before it lead to beat 2.");
    }

    @Test
    void findsARepeatedBeat() {
        assertThat(reasons(rule, TestChart.naturalTurn().with(Role.LADY, 3, "count", "2")))
                .containsExactly("lady 3: The lady's step 3 is counted \"2\", but the rows before it lead to beat 3.");
    }

    @Test
    void refusesToDivideABeatThatNobodyCounted() {
        assertThat(reasons(rule, TestChart.closedChange().with(Role.MAN, 1, "count", "&")))
                .containsExactly(
                        "man 1: The man's first count is \"&\", which divides a beat that nobody has counted.");
    }
}
