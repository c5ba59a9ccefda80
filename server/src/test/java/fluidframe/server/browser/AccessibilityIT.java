package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AccessibilityIT extends BrowserTest {
    @ParameterizedTest
    @CsvSource({
        "paper, figures",
        "evening, figures",
        "paper, figure desk",
        "evening, figure desk",
        "paper, routine desk",
        "evening, routine desk",
        "paper, latin desk",
        "evening, latin desk",
        "paper, compare",
        "evening, rules",
        "paper, /lists",
        "evening, /lists",
        "paper, /coverage",
        "evening, /sheet",
        "paper, /elements",
        "paper, /links",
        "evening, /links",
        "paper, /songs",
        "evening, /events",
        "paper, song",
        "evening, song",
        "paper, event",
        "evening, event",
        "paper, rehearse",
        "evening, rehearse",
        "paper, role sheet",
        "paper, /sounds",
        "paper, /recall",
        "evening, /recall",
        "evening, strips",
        "evening, today",
        "paper, couple",
        "paper, weak places",
        "paper, /people",
        "evening, /dancers/oda-quill",
        "evening, /lessons",
        "paper, lesson",
        "evening, running lesson",
        "paper, /drills",
        "paper, /drills/turning-by-degrees",
        "evening, /cards/tango-hold"
    })
    void hasNoSeriousViolation(String theme, String view) {
        page.addInitScript("localStorage.setItem('fluidframe.settings', JSON.stringify({theme: '" + theme + "'}))");
        if (view.equals("figures")) {
            go("/figures");
            assertThat(link("Weave from Promenade")).isVisible();
        } else if (view.equals("latin desk")) {
            go("/figures/rumba.spiral");
            assertThat(cell("Lady 7 placement")).isVisible();
        } else if (view.startsWith("/")) {
            go(view);
        } else if (view.equals("compare")) {
            go("/compare?left=waltz.natural-turn&right=waltz.natural-spin-turn");
            assertThat(page.getByText("6 of 12 rows differ")).isVisible();
        } else if (view.equals("rules")) {
            go("/rules");
            assertThat(page.getByRole(AriaRole.IMG)).hasCount(8);
        } else if (view.equals("rehearse")) {
            go("/rehearse?figure=rumba.fan");
            assertThat(button("Dance")).isVisible();
            page.keyboard().press("x");
            assertThat(field("What was seen")).isFocused();
        } else if (view.equals("strips")) {
            go("/strips");
            assertThat(page.getByRole(AriaRole.IMG).first()).isVisible();
        } else if (view.equals("role sheet")) {
            go("/routines/long-floor-waltz/sheet");
            assertThat(page.getByRole(AriaRole.TABLE).first()).isVisible();
        } else if (view.equals("today")) {
            go("/");
            field("What was seen, taught or promised").fill("ines, natural turn 5 heel early");
            assertThat(page.getByText("Say whose it was")).isVisible();
        } else if (view.equals("couple") || view.equals("weak places")) {
            go("/people/ines-and-tobin");
            assertThat(page.getByText("wait for the knee").first()).isVisible();
            if (view.equals("weak places")) {
                page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Weak places"))
                        .click();
                assertThat(page.getByText("weighs half")).isVisible();
            }
        } else if (view.endsWith("lesson")) {
            go("/");
            link("Ines and Tobin").first().click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Propose a")))
                    .click();
            assertThat(page.getByText("45 of 45 minutes")).isVisible();
            if (view.startsWith("running")) button("Give the lesson").click();
        } else if (view.equals("song")) {
            go("/songs");
            link("Lantern Hill").click();
        } else if (view.equals("event")) {
            go("/events");
            link("Ostermere Plate, heats").click();
            page.getByLabel("Check a routine").selectOption("Long floor, waltz");
            assertThat(page.getByRole(AriaRole.ARTICLE)).isVisible();
        } else if (view.equals("figure desk")) {
            go("/figures/waltz.lantern-pause");
            assertThat(page.getByText("2 broken")).isVisible();
        } else {
            go("/routines");
            link("Thursday puzzle").click();
            assertThat(figures()).hasCount(8);
        }
        if (!List.of("song", "event").contains(view)) {
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .isVisible();
        }
        List<String> serious = new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                        .map(AccessibilityIT::told)
                        .toList();
        Assertions.assertThat(serious).isEmpty();
    }

    private static String told(Rule rule) {
        return rule.getId() + ": "
                + rule.getNodes().stream()
                        .map(node -> node.getHtml() + " " + node.getFailureSummary())
                        .limit(4)
                        .toList();
    }
}
