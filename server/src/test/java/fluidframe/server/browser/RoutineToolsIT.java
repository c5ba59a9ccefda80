package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The desk's tools: several figures at once, other ways of dancing them, the floor, blocked, versions, the song. */
class RoutineToolsIT extends BrowserTest {
    private void open(String dance, String name) {
        go("/routines");
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Dances"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(dance).setExact(true))
                .click();
        link(name).click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(name);
    }

    private void tab(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    @Test
    void cutsCopiesPastesAndRepeatsSeveralByKeyboard() {
        go("/routines");
        page.getByLabel("Name of a new routine").fill("By keyboard");
        page.keyboard().press("Enter");
        Locator follow = region("What can follow").getByRole(AriaRole.LISTITEM).getByRole(AriaRole.BUTTON);
        follow.filter(new Locator.FilterOptions().setHasText("Closed Change on RF"))
                .first()
                .press("Enter");
        assertThat(figures()).hasCount(1);
        follow.filter(new Locator.FilterOptions().setHasText("Reverse Turn"))
                .first()
                .press("Enter");
        assertThat(figures()).hasCount(2);
        follow.filter(new Locator.FilterOptions().setHasText("Closed Change on LF"))
                .first()
                .press("Enter");
        assertThat(figures()).hasCount(3);
        figures().nth(2).press("Shift+ArrowLeft");
        assertThat(figures().nth(1)).isFocused();
        assertThat(page.locator("[role=option][aria-selected=true]")).hasCount(2);
        page.keyboard().press("Control+d");
        assertThat(figures()).hasCount(5);
        page.keyboard().press("Control+x");
        assertThat(figures()).hasCount(3);
        page.keyboard().press("Control+a");
        page.keyboard().press("Control+c");
        page.keyboard().press("Control+v");
        assertThat(figures()).hasCount(6);
        page.keyboard().press("Alt+ArrowLeft");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(figures()).hasCount(3);
        assertThat(page.getByText("all hold")).isVisible();
    }

    @Test
    void dancesAPartSplitsAndReplacesBySomethingAsLong() {
        open("Waltz", "Ostermere Plate, waltz");
        figures().nth(0).click();
        tab("Figure");
        Locator figure = region("This figure");
        assertThat(figure).containsText("what the next has to begin with");
        figure.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Split into 1-3 and 4-6"))
                .click();
        assertThat(figures()).hasCount(12);
        assertThat(page.getByText("all hold")).isVisible();
        page.keyboard().press("Control+z");
        figures().nth(2).click();
        figure.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("What fits here with the same ends?"))
                .click();
        Locator fits = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What fits here"));
        fits.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByText("all hold")).isVisible();
        figures().nth(2).click();
        figure.getByLabel("Note on it").fill("Long second step");
        assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Kept.");
        page.reload();
        figures().nth(2).click();
        tab("Figure");
        assertThat(figure.getByLabel("Note on it")).hasValue("Long second step");
    }

    @Test
    void repeatsTheStepsOfAFigureAsOftenAsWanted() {
        open("Cha-Cha-Cha", "Finals, cha-cha-cha");
        figures().filter(new Locator.FilterOptions().setHasText("New York")).click();
        tab("Figure");
        Locator times = region("This figure").getByLabel("Repeated steps 1-5, times");
        assertThat(times).hasValue("2");
        times.fill("4");
        times.press("Enter");
        assertThat(figures().filter(new Locator.FilterOptions().setHasText("New York")))
                .containsText("4 times");
    }

    @Test
    void dancesADrillOnceMoreToTheOtherSideInOneAction() {
        open("Cha-Cha-Cha", "Finals, cha-cha-cha");
        assertThat(figures().first()).isVisible();
        int before = figures().count();
        figures().filter(new Locator.FilterOptions().setHasText("New York")).click();
        page.keyboard().press("o");
        assertThat(figures()).hasCount(before + 1);
        assertThat(figures().filter(new Locator.FilterOptions().setHasText("New York")))
                .hasCount(2);
        button("Undo").click();
        assertThat(figures()).hasCount(before);
        figures().filter(new Locator.FilterOptions().setHasText("Fan")).first().click();
        button("Other side").click();
        assertThat(page.getByText("does not alternate sides")).isVisible();
        assertThat(figures()).hasCount(before);
    }

    @Test
    void goesRoundTheFloorStepsThroughItAndKnowsAWayOut() {
        open("Quickstep", "Long floor, quickstep");
        button("The whole circuit").click();
        assertThat(region("Floor plan").getByRole(AriaRole.STATUS)).containsText("It closes danced 2 times: 48 bars");
        button("Once through").click();
        for (int i = 0; i < 3; i++) button("Step on").click();
        assertThat(page.getByLabel("Step through it")).hasAttribute("aria-valuetext", Pattern.compile("bar 1,.*"));
        tab("If blocked");
        assertThat(region("When blocked").getByRole(AriaRole.LISTITEM)).hasCount(12);
        assertThat(region("When blocked")).containsText("→");
        tab("What is in it");
        assertThat(region("What it is made of")).containsText("Bronze");
    }

    @Test
    void keepsAVersionShowsWhatChangedAndGoesBack() {
        open("Jive", "Finals, jive");
        tab("Versions");
        page.getByLabel("What this version is").fill("before the final");
        button("Keep this version").click();
        assertThat(page.getByText("Nothing has changed.")).isVisible();
        figures().nth(1).press("Delete");
        Locator changes = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What has changed"));
        assertThat(changes).containsText("Fallaway Rock is gone");
        button("Go back to 1").click();
        assertThat(page.getByText("Nothing has changed.")).isVisible();
        button("Begin another from this one").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Finals, jive, copy");
    }

    @Test
    void acceptsABrokenJoinWithAReasonAndPutsAFreeElementIn() {
        open("Waltz", "Thursday puzzle");
        assertThat(page.getByText("4 not possible")).isVisible();
        button("Next broken join ›").click();
        page.getByLabel("Or let it stand, because").fill("It is a riddle");
        page.getByLabel("Or let it stand, because").press("Tab");
        assertThat(page.getByText("3 not possible")).isVisible();
        figures().last().click();
        page.getByLabel("Free element").first().fill("Slow bow");
        page.getByLabel("beats").fill("6");
        // The button moves while what can follow is being worked out; the key does not.
        page.getByLabel("beats").press("Enter");
        assertThat(figures().last()).containsText("free, 6 beats");
        assertThat(region("Join")).containsText("only the beat can be judged");
    }

    @Test
    void fitsARoutineToASong() {
        open("Waltz", "Formal evening, waltz");
        tab("Music");
        Locator music = region("Music");
        assertThat(music).containsText("The routine ends with the song.");
        assertThat(music).containsText("Every section begins with a figure.");
        figures().first().press("Delete");
        assertThat(music).containsText("2 bars of the song are left");
        page.keyboard().press("Control+z");
        assertThat(music).containsText("The routine ends with the song.");
        music.getByLabel("begins on bar").fill("4");
        music.getByLabel("begins on bar").press("Enter");
        assertThat(music).containsText("First verse begins at 0:08.3, 3 beats into figure 1, Natural Turn.");
        music.getByLabel("begins on bar").fill("7");
        music.getByLabel("begins on bar").press("Enter");
        assertThat(music).containsText("It goes on 2 bars after the song has ended");
    }

    @Test
    void judgesTheJoinAfterAFreeElementOnceItsEndIsSaid() {
        open("Rumba", "Showcase, rumba");
        assertThat(page.getByText("all hold")).isVisible();
        figures().nth(0).click();
        tab("Figure");
        Locator figure = region("This figure");
        figure.getByLabel(Pattern.compile("say how it ends")).check();
        figure.getByLabel("Man's free foot").selectOption("R");
        figures().nth(1).click();
        tab("Join and next");
        assertThat(page.getByText(Pattern.compile("The man's RF is free and the figure begins with the LF")))
                .isVisible();
        figures().nth(0).click();
        tab("Figure");
        figure.getByLabel("Man's free foot").selectOption("L");
        assertThat(page.getByText("all hold")).isVisible();
        page.reload();
        figures().nth(0).click();
        tab("Figure");
        assertThat(figure.getByLabel("Man's free foot")).hasValue("L");
    }

    @Test
    void dancesAFigureAsAnotherSchoolInOnePlaceOnly() {
        open("Cha-Cha-Cha", "Finals, cha-cha-cha");
        figures().nth(0).click();
        tab("Figure");
        Locator balls = region("This figure").getByLabel("Chasse on the balls");
        balls.check();
        figures().nth(1).click();
        assertThat(region("This figure").getByLabel("Chasse on the balls"))
                .not()
                .isChecked();
        page.reload();
        figures().nth(0).click();
        tab("Figure");
        assertThat(balls).isChecked();
        assertThat(page.getByText("all hold")).isVisible();
    }
}
