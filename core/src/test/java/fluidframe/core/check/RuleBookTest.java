package fluidframe.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.TestChart;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Severity;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RuleBookTest {
    private final List<Rule> rules = RuleBook.standard().rules();

    @Test
    void everyRuleHasItsOwnIdStatementAndTest() {
        assertThat(rules.stream().map(Rule::id)).doesNotHaveDuplicates();
        assertThat(rules).hasSizeGreaterThan(20).allSatisfy(rule -> {
            String camel = Arrays.stream(rule.id().text().split("[.-]"))
                    .skip(1)
                    .map(word -> word.substring(0, 1).toUpperCase() + word.substring(1))
                    .collect(Collectors.joining());
            assertThat(rule.getClass().getSimpleName()).isEqualTo(camel);
            assertThat(rule.getClass().getPackageName())
                    .endsWith("." + rule.id().topic());
            assertThat(rule.statement()).isNotBlank().endsWith(".");
            assertThat(Class.forName(rule.getClass().getName() + "Test")).isNotNull();
        });
    }

    @Test
    void findsNothingInSoundFigures() {
        TestChart.sound()
                .forEach(chart -> assertThat(RuleBook.standard().checkWithVariants(chart.sheet()))
                        .isEmpty());
    }

    @Test
    void putsTheGravestFirstAndKeepsAcceptedOnesApart() {
        TestChart chart = TestChart.naturalTurn()
                .with(Role.MAN, 1, "work", "T")
                .with(Role.MAN, 2, "turn", "1/8 R")
                .accepting("footwork.forward-leads-with-heel", Role.MAN, 1);
        List<RuleBook.Checked> checked = RuleBook.standard().check(chart.sheet());
        assertThat(checked).hasSize(2);
        assertThat(checked.get(0).finding().severity()).isEqualTo(Severity.BROKEN);
        assertThat(checked.get(0).isBroken()).isTrue();
        assertThat(checked.get(1).accepted()).contains("as we dance it");
        assertThat(checked.get(1).isOpen()).isFalse();
    }

    @Test
    void acceptsOnlyTheRowThatWasAccepted() {
        TestChart chart = TestChart.naturalTurn()
                .with(Role.MAN, 1, "work", "T")
                .accepting("footwork.forward-leads-with-heel", Role.LADY, 1);
        assertThat(RuleBook.standard().check(chart.sheet())).singleElement().matches(RuleBook.Checked::isOpen);
    }

    @Test
    void refusesIdsThatDoNotNameATopic() {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new RuleId("turn"))
                .hasMessageContaining("but was \"turn\"");
    }
}
