package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.check.RuleBook;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.Sheet;
import java.util.List;
import org.junit.jupiter.api.Test;

class RuleExamplesTest {
    @Test
    void everyFamilyHasAnExampleThatShowsItsOwnFault() {
        List<String> topics = RuleBook.standard().rules().stream()
                .map(rule -> rule.id().topic())
                .distinct()
                .toList();
        assertThat(RuleExamples.load().keySet()).containsExactlyElementsOf(topics);
        RuleExamples.load()
                .forEach((topic, chart) -> assertThat(RuleBook.standard().check(Sheet.of(chart)))
                        .as(topic)
                        .isNotEmpty()
                        .allMatch(c -> c.finding().rule().topic().equals(topic)));
    }

    @Test
    void everyRuleIsOfOneOfTheFamilies() {
        assertThat(RuleBook.standard().rules()).extracting(Rule::id).hasSizeGreaterThanOrEqualTo(50);
    }
}
