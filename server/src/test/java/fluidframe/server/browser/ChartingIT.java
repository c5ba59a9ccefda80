package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Charting a figure for both roles without touching the mouse, and with how many keys. */
class ChartingIT extends BrowserTest {
    private static final String MAN = """
            s r f fdw br ht e y
            q s bc 1r t c
            q c bdc 1r t u
            s sb bdc - th ul
            s b bdc bl th en y
            q s pdw 2lb t c
            q c fdw bc t u
            s sf fdw - th ul""";

    private int keys;

    private void press(String key) {
        page.keyboard().press(key);
        keys += key.split("\\+").length;
    }

    private void type(String text) {
        page.keyboard().type(text);
        keys += text.length();
    }

    @Test
    void chartsAnEightStepFigureForBothRolesByKeyboardInFewerThan250Keys() {
        page.addInitScript("localStorage.setItem('fluidframe.settings', JSON.stringify({dance: 'quickstep'}))");
        go("/figures");
        assertThat(link("Forward Lock")).isVisible();
        press("n");
        assertThat(field("Name")).isFocused();
        type("Quarter Chasse");
        press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Quarter Chasse");
        press("Alt+l");
        assertThat(field("Steps")).isFocused();
        type(MAN);
        assertThat(page.getByText("man 8: S · L · side and slightly forward")).isVisible();
        press("Control+Enter");
        assertThat(cell("Man 8 placement")).isVisible();
        press("Alt+p");
        assertThat(page.getByRole(
                        AriaRole.CHECKBOX,
                        new Page.GetByRoleOptions()
                                .setName("Take the lady's step 8")
                                .setChecked(true)))
                .isVisible();
        press("Control+Enter");
        assertThat(cell("Lady 2 turn")).hasValue("1/4 R, body less");
        assertThat(cell("Lady 6 alignment")).hasValue("backing wall");
        assertThat(page.getByText("0 broken")).isVisible();
        assertThat(page.getByText("0 doubtful")).isVisible();
        press("Control+s");
        assertThat(page.getByLabel("What changed")).isFocused();
        press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS)
                        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("version 1")))
                .isVisible();
        System.out.println("An eight-step figure for both roles took " + keys + " keys.");
        Assertions.assertThat(keys).isLessThan(250);
    }

    @Test
    void tellsWhatATypedLineCannotSayAndTakesNothing() {
        go("/figures/waltz.whisk");
        button("Type steps").click();
        field("Steps").fill("1 l f fdw\n2 q");
        assertThat(page.getByText("Line 2, place 3: \"q\" fits no column from foot on"))
                .isVisible();
        assertThat(button("Take rows")).isDisabled();
        button("Cancel").click();
        assertThat(cell("Man 3 placement")).hasValue("crosses behind");
    }

    @Test
    void pastesRowsOfBothRolesFromASpreadsheet() {
        go("/figures/waltz.whisk");
        button("Type steps").click();
        field("Steps")
                .fill("man count\tman place\tman alignment\tlady count\tlady place\tlady alignment\n"
                        + "1\tLF forward\tfacing LOD\t1\tRF back\tbacking LOD\n"
                        + "2\tRF side\tfacing LOD\t2\tLF side\tbacking LOD\n"
                        + "3\tLF closes\tfacing LOD\t3\tRF closes\tbacking LOD");
        button("Take rows").click();
        assertThat(cell("Lady 2 alignment")).hasValue("backing LOD");
        assertThat(cell("Man 3 foot")).hasValue("L");
        page.keyboard().press("Control+z");
        assertThat(cell("Man 3 placement")).hasValue("crosses behind");
        button("Discard changes").click();
    }

    @Test
    void retimesOrSaysByHowMuchTheBarWouldBreak() {
        go("/figures/cha-cha.hand-to-hand");
        button("Timing").click();
        choice("what to do").selectOption("split");
        button("Retime").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("the bar would break by 1");
        choice("what to do").selectOption("hold");
        button("Retime").click();
        assertThat(cell("Man 2 count")).hasValue("&");
        assertThat(cell("Lady 1 count")).hasValue("2.3");
        button("Undo").click();
        assertThat(cell("Man 2 count")).hasValue("3");
        button("Discard changes").click();
    }

    @Test
    void fillsCellsThatFollowAndBeginsAnOppositeFigure() {
        go("/figures/waltz.natural-turn");
        cell("Man 3 alignment").fill("");
        cell("Man 3 alignment").press("Tab");
        button("Fill gaps").click();
        assertThat(page.getByText("Man 3, alignment: backing LOD")).isVisible();
        button("Fill chosen cells").click();
        assertThat(cell("Man 3 alignment")).hasValue("backing LOD");
        button("Discard changes").click();
        go("/figures");
        button("New figure").click();
        field("Name").fill("Mirror Turn");
        choice("From").selectOption("opposite");
        choice("Which").selectOption("waltz.natural-turn");
        button("Begin").click();
        assertThat(cell("Man 1 foot")).hasValue("L");
        assertThat(cell("Man 1 alignment")).hasValue("facing DC");
        assertThat(page.getByText("0 broken")).isVisible();
        go("/figures");
        link("Mirror Turn").click();
        button("Discard figure").click();
        assertThat(button("New figure")).isVisible();
        assertThat(link("Mirror Turn")).isHidden();
    }
}
