package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AccessibilityIT extends BrowserTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "figures",
                "figure desk",
                "routine desk",
                "latin desk",
                "compare",
                "rules",
                "/glossary",
                "/lists",
                "/coverage",
                "/backups",
                "sharing",
                "/shared",
                "/shared/figure/waltz.whisk",
                "print",
                "/sheet",
                "/elements",
                "/links",
                "/songs",
                "/songs/harbour-lights",
                "/events",
                "song",
                "event",
                "rehearse",
                "role sheet",
                "/sounds",
                "/recall",
                "strips",
                "today",
                "couple",
                "weak places",
                "/people",
                "/dancers/oda-quill",
                "/lessons",
                "lesson",
                "running lesson",
                "/drills",
                "/drills/turning-by-degrees",
                "/cards/tango-hold",
                "/practice",
                "practice",
                "/classes",
                "class",
                "class floor"
            })
    void hasNoSeriousViolation(String view) {
        if (view.equals("figures")) {
            go("/figures");
            assertThat(link("Weave from Promenade")).isVisible();
        } else if (view.equals("latin desk")) {
            go("/figures/rumba.spiral");
            assertThat(cell("Lady 7 placement")).isVisible();
        } else if (view.equals("sharing")) {
            go("/sharing");
            button("Share on this network").click();
            button("Show a code").click();
            assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Code")))
                    .isVisible();
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
        } else if (view.equals("print")) {
            go("/print/part/long-floor-waltz");
            assertThat(page.frameLocator("iframe").getByText("Phrase 1")).isVisible();
            // Nothing may run in the sheet itself, not even what looks it over.
            page.evaluate("document.querySelector('iframe').remove()");
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
        } else if (view.equals("practice")) {
            go("/practice");
            link("Ines and Tobin").click();
            assertThat(page.getByText("Worth ")).isVisible();
        } else if (view.startsWith("class")) {
            go("/classes");
            link("Thursday class").first().click();
            assertThat(page.getByText("waits:").first()).isVisible();
            if (view.endsWith("floor")) {
                link("On the floor").click();
                assertThat(region("Partners")).isVisible();
            }
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
        List<String> serious = new ArrayList<>(serious(axe()));
        // What one theme says by its structure the other says too; only colours can differ.
        page.evaluate("document.documentElement.dataset.theme = 'evening'");
        serious.addAll(serious(axe().withRules(List.of("color-contrast"))));
        Assertions.assertThat(serious).isEmpty();
    }

    /** Only what is wrong is told at length: all that is right is a thousand elements a page. */
    private AxeBuilder axe() {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).setLegacyMode(true).options(options);
    }

    private static List<String> serious(AxeBuilder axe) {
        return axe.analyze().getViolations().stream()
                .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                .map(AccessibilityIT::told)
                .toList();
    }

    private static String told(Rule rule) {
        return rule.getId() + ": "
                + rule.getNodes().stream()
                        .map(node -> node.getHtml() + " " + node.getFailureSummary())
                        .limit(4)
                        .toList();
    }
}
