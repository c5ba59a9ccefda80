package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** What somebody does who sees the application for the first time. */
class FirstVisitIT extends CountedTest {
    private Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    private void show(String dance) {
        click(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Dances"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(dance).setExact(true)));
    }

    @Test
    void theFirstWayInLeadsToARoutineToTakeHome() {
        go("/");
        click(link("Open “"));
        assertThat(page.getByText("all hold")).isVisible();
        click(page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet").setExact(true)));
        assertThat(page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Sheet")))
                .containsText("Lady's part");
        assertAtMost("From the first visit to a sheet to print", 5);
    }

    @Test
    void theSecondLeadsToAFigureReadByCountWithItsFloor() {
        go("/");
        click(link("Look up a figure"));
        assertThat(link("Natural Turn").first()).isVisible();
        press("/");
        page.keyboard().type("spin turn");
        assertThat(link("Natural Spin Turn")).isVisible();
        click(link("Natural Spin Turn"));
        assertThat(heading()).hasText("Natural Spin Turn");
        click(button("Read"));
        assertThat(region("Reading view")).containsText("pivot");
        assertAtMost("From the first visit to a figure read along the count, without the search words", 5);
    }

    @Test
    void theThirdLeadsToARoutineOfFourFiguresThatHolds() {
        go("/");
        click(link("Begin a routine"));
        type(page.getByLabel("Name of a new routine"), "First");
        press("Enter");
        assertThat(heading()).hasText("First");
        for (int i = 1; i <= 4; i++) dance(".", i);
        assertThat(page.getByText("all hold")).isVisible();
        click(button("Compose"));
        assertThat(dialog().getByLabel("Bars")).isVisible();
        assertAtMost("From the first visit to a routine that holds", 16);
    }

    @Test
    void whatFollowsAFigureIsFoundWithTheReason() {
        go("/links");
        choose(choice("after"), "Natural Turn");
        click(region("Around the figure")
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Closed Change on RF"))
                .filter(new Locator.FilterOptions().setHasText("customary"))
                .getByRole(AriaRole.BUTTON)
                .last());
        assertThat(region("The two together")).containsText("Holds, and the charts list it");
        assertAtMost("Finding what follows a figure", 4);
    }

    @Test
    void aSoloFigureIsChartedWithASecondTimingThatIsABarLonger() {
        go("/figures");
        show("Slow Foxtrot");
        assertThat(link("Feather Step").first()).isVisible();
        press("n");
        assertThat(field("Name")).isFocused();
        page.keyboard().type("Four Alone");
        press("Enter");
        assertThat(heading()).hasText("Four Alone");
        press("Alt+l");
        assertThat(field("Steps")).isFocused();
        type(field("Steps"), "q l f fl ht\nq r f fl t\nq l f fl t\nq r f fl th");
        press("Control+Enter");
        assertThat(cell("Man 4 placement")).hasValue("forward");
        click(button("Edit what is said"));
        Locator timings = region("Other timings");
        click(timings.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add timing")));
        type(timings.getByLabel("Man's counts"), "S S S S");
        press("Tab");
        assertThat(page.getByText("0 broken")).isVisible();
        press("Control+s");
        assertThat(page.getByLabel("What changed")).isFocused();
        press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("version 1")))
                .isVisible();
        assertAtMost("Charting a solo figure with two timings", 150);
        begin("Slow Foxtrot", "Alone");
        dance("^Four Alone", 1);
        assertThat(bars()).hasText("1");
        click(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Figure")));
        choose(region("This figure").getByLabel("Counted"), "S S S S");
        assertThat(bars()).hasText("2");
        assertThat(page.getByText("all hold")).isVisible();
    }

    /** The bars of the routine on the desk. */
    private Locator bars() {
        return page.getByRole(AriaRole.DEFINITION).first();
    }
}
