package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A list of one's own from the starter, and the library read by it. */
class ListsIT extends BrowserTest {
    private Locator mark(String figure, String level) {
        return page.getByRole(
                AriaRole.RADIO,
                new Page.GetByRoleOptions().setName(figure + ": " + level).setExact(true));
    }

    @Test
    void anOwnListIsMadeChangedTakenBackAndUsed() {
        go("/lists");
        assertThat(mark("Whisk", "Bronze")).isChecked();
        assertThat(mark("Whisk", "Silver")).isDisabled();
        button("Make my own from this").click();
        field("Name of the list").fill("Quayside school");
        field("Name of level 1").fill("First year");
        mark("Whisk", "Silver").focus();
        page.keyboard().press("Space");
        assertThat(mark("Whisk", "Silver")).isChecked();
        mark("Natural Turn", "on no level").check();
        page.keyboard().press("Control+z");
        assertThat(mark("Natural Turn", "First year")).isChecked();
        assertThat(page.getByText("Kept.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        page.reload();
        assertThat(field("Name of the list")).hasValue("Quayside school");
        link("Library").click();
        assertThat(region("First year").getByText("Right Turn · Natural")).isVisible();
        assertThat(region("Silver").getByText("Forward Whisk")).isVisible();
        choice("level").selectOption("First year");
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("15 figures");
    }

    @Test
    void theLibraryIsSortedAndNarrowed() {
        go("/figures");
        choice("order").selectOption("name");
        assertThat(region("Bronze").getByRole(AriaRole.LINK).first()).containsText("Back Lock");
        choice("ends in").selectOption("promenade");
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("6 figures");
        choice("level").selectOption("Bronze");
        assertThat(page.getByRole(AriaRole.STATUS)).hasText("2 figures");
    }

    @Test
    void coverageSheetAndElementsAreThere() {
        go("/coverage");
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Waltz Bronze 16 of 16")))
                .isVisible();
        link("Syllabus sheet").click();
        assertThat(region("Waltz").getByText("Natural Spin Turn")).isVisible();
        page.getByLabel("all dances, a page each").check();
        assertThat(region("Jive").getByText("Stop and Go")).isVisible();
        link("Free elements").click();
        assertThat(page.getByText("only as low as the back stays long").first()).isVisible();
    }
}
