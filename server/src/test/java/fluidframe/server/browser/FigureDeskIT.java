package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class FigureDeskIT extends BrowserTest {
    private void openBySearch(String words, String name) {
        go("/figures");
        assertThat(button("New figure")).isVisible();
        page.keyboard().press("/");
        page.keyboard().type(words);
        link(name).first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(name);
    }

    @Test
    void findsAFigureEditsAStepSeesTheFindingAndUndoes() {
        openBySearch("right turn", "Natural Turn");
        assertThat(page.getByText("0 broken")).isVisible();
        cell("Man 2 turn").fill("1r");
        cell("Man 2 turn").press("Enter");
        assertThat(cell("Man 2 turn")).hasValue("1/8 R");
        assertThat(page.getByText("2 broken")).isVisible();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("finding.*on the man's step 2")))
                .click();
        assertThat(page.getByText("1/8 R is missing")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("Control+z");
        assertThat(cell("Man 2 turn")).hasValue("1/4 R");
        assertThat(page.getByText("0 broken")).isVisible();
        page.keyboard().press("Control+Shift+z");
        assertThat(page.getByText("2 broken")).isVisible();
        button("Discard changes").click();
        assertThat(page.getByText("0 broken")).isVisible();
    }

    @Test
    void appliesAFixAndAcceptsAFindingWithAReason() {
        openBySearch("hesitation", "Hesitation Change");
        cell("Lady 1 footwork").fill("HT");
        cell("Lady 1 footwork").press("Tab");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("on the lady's step 1")))
                .first()
                .click();
        button("Reach with the toe").click();
        assertThat(cell("Lady 1 footwork")).hasValue("TH");
        cell("Man 1 footwork").fill("T");
        cell("Man 1 footwork").press("Tab");
        assertThat(page.getByText("1 doubtful")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("on the man's step 1")))
                .first()
                .click();
        page.getByLabel("Reason for accepting").fill("character waltz");
        button("Accept").click();
        assertThat(page.getByText("0 doubtful")).isVisible();
        button("Discard changes").click();
    }

    @Test
    void tellsWhatACellCannotSayAndKeepsTheRest() {
        openBySearch("whisk", "Whisk");
        cell("Lady 3 alignment").fill("facing up");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("A direction must be LOD");
        assertThat(cell("Lady 3 alignment")).hasAttribute("aria-invalid", "true");
        button("Undo").click();
        assertThat(cell("Lady 3 alignment")).hasValue("facing DC");
        button("Discard changes").click();
    }

    @Test
    void keepsUnsavedWorkAndSavedVersionsThroughARestart() {
        openBySearch("outside change", "Outside Change");
        cell("Man 1 CBM").fill("no");
        cell("Man 1 CBM").press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Draft kept.");
        restartServer();
        go("/figures/waltz.outside-change");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("unsaved work from last time");
        assertThat(cell("Lady 1 CBM")).hasValue("slight");
        button("Save version").click();
        page.getByLabel("What changed").fill("no CBM in this school");
        button("Save").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("version 1");
        restartServer();
        go("/figures?q=outside change");
        assertThat(page.getByText("your copy")).isVisible();
        link("Outside Change").first().click();
        button("Compare").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("man 1, cbm");
        page.keyboard().press("Escape");
        button("Reset to shipped").click();
        button("Reset").click();
        assertThat(cell("Man 1 CBM")).hasValue("slight");
    }

    @Test
    void keepsForWhomAFaultIsThroughARestart() {
        go("/figures/jive.whip");
        button("Edit what is said").click();
        choice("Fault 2: for whom").selectOption("advanced");
        button("Done").click();
        button("Save version").click();
        button("Save").click();
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("version 1");
        restartServer();
        go("/figures/jive.whip");
        button("Edit what is said").click();
        assertThat(choice("Fault 1: for whom")).hasValue("first lesson");
        assertThat(choice("Fault 2: for whom")).hasValue("advanced");
        button("Done").click();
        button("Reset to shipped").click();
        button("Reset").click();
        button("Edit what is said").click();
        assertThat(choice("Fault 2: for whom")).hasValue("settled");
    }

    @Test
    void saysLeaderAndFollowerToThoseWhoPreferIt() {
        go("/figures/waltz.whisk");
        button("Settings").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Leader / Follower"))
                .click();
        page.keyboard().press("Escape");
        assertThat(region("Spine")).containsText("Follower");
        assertThat(cell("Leader 1 foot")).hasValue("L");
    }

    @Test
    void stepsThroughTheFeetAndWalksTheCellsByKeyboard() {
        go("/figures/waltz.natural-turn");
        button("Step on").click();
        assertThat(region("Floor")).containsText("beat 1");
        button("Step on").click();
        assertThat(region("Floor")).containsText("beat 2");
        cell("Man 2 alignment").focus();
        page.keyboard().press("ArrowDown");
        assertThat(cell("Man 3 alignment")).isFocused();
        page.keyboard().press("Control+Enter");
        assertThat(cell("Man 7 alignment")).isVisible();
        page.keyboard().press("Control+z");
        assertThat(cell("Man 7 alignment")).isHidden();
        button("Discard changes").click();
    }
}
