package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What the words of the charts mean, from where one meets them and as a whole. */
class GlossaryIT extends BrowserTest {
    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void oneKeyTellsWhatStandsInACellAndTheCellKeepsTheFocus() {
        go("/figures/waltz.whisk");
        cell("Man 2 placement").focus();
        page.keyboard().press("F1");
        assertThat(dialog()).containsText("Where the moving foot goes");
        assertThat(dialog()).containsText("It often ends a turn in which the body has not yet followed the foot.");
        dialog().getByLabel("Find a term").fill("heel pull");
        assertThat(dialog()).containsText("while the other is pulled back and to the side");
        dialog().getByLabel("Find a term").fill("no such thing");
        assertThat(dialog()).containsText("Nothing is called");
        page.keyboard().press("Escape");
        assertThat(dialog()).hasCount(0);
        assertThat(cell("Man 2 placement")).isFocused();
        cell("Lady 1 footwork").focus();
        page.keyboard().press("F1");
        assertThat(dialog()).containsText("Toe: the step is on the toes");
        assertThat(dialog()).containsText("Heel: the heel touches the floor");
        dialog().getByText("The whole glossary").click();
        assertThat(page.getByRole(AriaRole.HEADING, new com.microsoft.playwright.Page.GetByRoleOptions().setLevel(1)))
                .hasText("Glossary");
    }

    @Test
    void theWholeIsSearchedAndTheAddressKeepsWhatWasSought() {
        go("/glossary");
        assertThat(region("Turn").getByText("heel turn")).isVisible();
        page.getByLabel("Find a term").fill("spiral");
        assertThat(region("Sway")).isHidden();
        assertThat(region("Turn").getByText("spiral").first()).isVisible();
        page.reload();
        assertThat(page.getByLabel("Find a term")).hasValue("spiral");
        assertThat(region("Sway")).isHidden();
        page.getByLabel("Find a term").fill("\"[(");
        assertThat(page.getByText("nor speaks of it")).isVisible();
    }

    @Test
    void everyTermThatIsCountedStandsOnThePage() {
        go("/glossary");
        Locator count = page.getByText(Pattern.compile("^\\d+ of \\d+ terms$"));
        assertThat(count).isVisible();
        String[] counts = count.innerText().replaceAll("[^0-9 ]", "").trim().split(" +");
        Assertions.assertThat(counts[0]).isEqualTo(counts[1]);
        assertThat(page.getByRole(AriaRole.TERM)).hasCount(Integer.parseInt(counts[1]));
        assertThat(region("Remarks").getByText("first lesson").first()).isVisible();
    }
}
