package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an empty routine to an event's report without touching the mouse. */
class KeyboardIT extends BrowserTest {
    private void type(Locator field, String words) {
        field.focus();
        page.keyboard().press("Control+a");
        page.keyboard().type(words);
    }

    @Test
    void composesBreaksMendsFitsAndChecksByKeysAlone() {
        go("/routines");
        type(page.getByLabel("Name of a new routine"), "By keys");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("By keys");

        button("Compose").press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByLabel("Bars")).isFocused();
        page.keyboard().press("Control+a");
        page.keyboard().type("12");
        page.keyboard().press("Enter");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take proposal 1"))
                .press("Enter");
        assertThat(page.getByText("all hold")).isVisible();

        figures().first().focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("c");
        assertThat(page.getByText(Pattern.compile("[1-9] not possible"))).isVisible();
        assertThat(region("Join")).containsText(Pattern.compile("Not possible|Possible if"));
        page.keyboard().press("Control+z");
        assertThat(page.getByText("all hold")).isVisible();

        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Join and next"))
                .press("ArrowRight");
        page.keyboard().press("ArrowRight");
        Locator music = region("Music");
        assertThat(music.getByLabel("Song")).containsText("Lantern");
        music.getByLabel("Song").focus();
        page.keyboard().type("Lantern");
        assertThat(music.getByRole(AriaRole.STATUS)).containsText("10 bars of the song are left");
        assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Kept.");

        go("/events");
        link("Ostermere Plate, heats").press("Enter");
        assertThat(page.getByLabel("Check a routine")).containsText("By keys");
        page.getByLabel("Check a routine").focus();
        page.keyboard().type("By keys");
        Locator report = page.getByRole(AriaRole.ARTICLE);
        assertThat(report.getByRole(AriaRole.HEADING)).hasText("By keys");
        assertThat(report).containsText("1:30 to 2:00 is asked for");
    }
}
