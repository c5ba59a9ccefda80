package fluidframe.core.rule.footwork;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class BriefStepsAlikeTest {
    private final Rule rule = new BriefStepsAlike();

    /** The row of half a beat in the middle of the chasse. */
    private static TestChart lowered(Role role) {
        return TestChart.latinBasic().with(role, 4, "work", "BF");
    }

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsTheOneWhoLowersAlone() {
        assertThat(reasons(rule, lowered(Role.LADY)))
                .containsExactly(
                        "lady 4: The lady's step 4 lowers the heel in half a beat or less, and the man stays on the ball.");
        assertThat(reasons(rule, lowered(Role.MAN))).singleElement().asString().startsWith("man 4: ");
    }

    @Test
    void leavesAloneWhatBothDoAndWhatOnlyOneCrosses() {
        assertThat(reasons(rule, lowered(Role.LADY).with(Role.MAN, 4, "work", "BF")))
                .isEmpty();
        assertThat(reasons(rule, lowered(Role.LADY).with(Role.MAN, 4, "place", "crosses behind")))
                .isEmpty();
        assertThat(reasons(rule, lowered(Role.LADY).with(Role.MAN, 4, "weight", "part")))
                .isEmpty();
        assertThat(reasons(
                        rule,
                        TestChart.doubleReverse()
                                .with(Role.LADY, 4, "work", "T")
                                .dance(Dance.WALTZ)))
                .isEmpty();
    }
}
