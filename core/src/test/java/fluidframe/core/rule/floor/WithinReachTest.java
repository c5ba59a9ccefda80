package fluidframe.core.rule.floor;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class WithinReachTest {
    private final Rule rule = new WithinReach();

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsPartnersWhoWalkApart() {
        assertThat(reasons(
                        rule,
                        TestChart.latinBasic()
                                .holding(Hold.LEFT_TO_RIGHT)
                                .startingIn(CouplePosition.TURNING_ALONE)
                                .with(Role.MAN, 1, "place", "back")
                                .with(Role.LADY, 1, "place", "back")
                                .with(Role.MAN, 2, "place", "back")
                                .with(Role.MAN, 2, "align", "facing wall")
                                .with(Role.LADY, 2, "place", "back")
                                .with(Role.MAN, 3, "place", "back")
                                .with(Role.LADY, 3, "place", "back")
                                .dance(Dance.FOXTROT)))
                .containsExactly(
                        "man 3: Drawn on the floor, the partners are 1.8 m apart on the man's step 3, which the hold L-R does not reach.",
                        "man 4: Drawn on the floor, the partners are 1.7 m apart on the man's step 4, which the hold L-R does not reach.",
                        "man 5: Drawn on the floor, the partners are 1.7 m apart on the man's step 5, which the hold L-R does not reach.");
    }
}
