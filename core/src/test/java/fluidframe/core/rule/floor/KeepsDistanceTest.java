package fluidframe.core.rule.floor;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeepsDistanceTest {
    private final Rule rule = new KeepsDistance();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsPartnersWhoWalkApart() {
        List<String> reasons = reasons(
                rule,
                TestChart.closedChange()
                        .with(Role.LADY, 1, "align", "facing DC")
                        .with(Role.LADY, 1, "place", "back")
                        .with(Role.LADY, 2, "align", "facing DC")
                        .with(Role.LADY, 3, "align", "facing DC"));
        assertThat(reasons).hasSize(2).first().asString().contains("would have to be bent by 1.4 m");
    }
}
