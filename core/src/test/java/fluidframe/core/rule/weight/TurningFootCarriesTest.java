package fluidframe.core.rule.weight;

import static fluidframe.core.TestChart.reasons;
import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import org.junit.jupiter.api.Test;

class TurningFootCarriesTest {
    private final Rule rule = new TurningFootCarries();

    private static TestChart turning(String weight, String turn) {
        return TestChart.latinBasic().with(Role.MAN, 2, "weight", weight).with(Role.MAN, 3, "turn", turn);
    }

    @Test
    void leavesSoundFiguresAlone() {
        TestChart.sound().forEach(chart -> assertThat(reasons(rule, chart)).isEmpty());
    }

    @Test
    void findsASwivelOverAFootThatSharesTheWeight() {
        assertThat(reasons(rule, turning("part", "1/2 R swivel")))
                .containsExactly("man 2: The man's step 2 takes part weight, and step 3 turns 1/2 R over the RF:"
                        + " nobody can turn so far on a foot that shares the weight.");
    }

    @Test
    void allowsItWithFullWeightALittleTurnAndATwist() {
        assertThat(reasons(rule, turning("full", "1/2 R swivel"))).isEmpty();
        assertThat(reasons(rule, turning("part", "1/8 R swivel"))).isEmpty();
        assertThat(reasons(rule, turning("part", "1/2 R twist"))).isEmpty();
    }
}
