package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.RoleWords;
import fluidframe.core.rule.Rule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** docs/rules.md is written from the rules themselves; this holds it to them. */
class RulesPageTest {
    private static final Path PAGE = Path.of("../docs/rules.md");

    @Test
    void saysWhatTheRulesSay() throws IOException {
        if (Boolean.getBoolean("rules.write")) Files.writeString(PAGE, page());
        assertThat(Files.readString(PAGE))
                .as("docs/rules.md is behind the rules; write it anew with: ./run generate")
                .isEqualTo(page());
    }

    private static String page() {
        StringBuilder page =
                new StringBuilder("# Rules\n\nGenerated from the code by `./run generate`; do not edit.\n\n"
                        + "A *broken* finding cannot be danced or does not add up as written, a *doubtful* one is against usual technique. "
                        + "Any finding can be accepted in the chart with a reason.\n");
        String topic = "";
        for (Rule rule : RuleBook.standard().rules()) {
            if (!rule.id().topic().equals(topic)) {
                topic = rule.id().topic();
                page.append("\n## ")
                        .append(topic.substring(0, 1).toUpperCase())
                        .append(topic.substring(1))
                        .append("\n");
            }
            page.append("- **")
                    .append(RoleWords.plain(rule.statement()))
                    .append("** `")
                    .append(rule.id())
                    .append('`');
            if (!rule.exceptions().isEmpty())
                page.append(" Left alone: ").append(RoleWords.plain(String.join(" ", rule.exceptions())));
            page.append('\n');
        }
        return page.toString();
    }
}
