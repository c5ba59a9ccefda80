package fluidframe.core.rule.floor;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class GoesWithTheLineTest {
    private final Rule rule = new GoesWithTheLine();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsAFigureAgainstTheStream() {
        assertThat(reasons(
                        rule,
                        TestChart.closedChange()
                                .with(Role.MAN, 1, "align", "facing against LOD")
                                .with(Role.MAN, 2, "place", "forward")
                                .with(Role.MAN, 3, "place", "forward")
                                .with(Role.LADY, 1, "align", "backing against LOD")
                                .with(Role.LADY, 2, "place", "back")
                                .with(Role.LADY, 3, "place", "back")
                                .with(Role.MAN, 2, "align", "")
                                .with(Role.MAN, 3, "align", "")
                                .with(Role.LADY, 2, "align", "")
                                .with(Role.LADY, 3, "align", "")
                                .dance(Dance.FOXTROT)))
                .containsExactly(
                        "The figure ends 2.3 m against the line of dance, more than two and a half full steps: other couples come the other way.");
    }
}
