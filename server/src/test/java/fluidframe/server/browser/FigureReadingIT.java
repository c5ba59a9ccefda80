package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Reading a figure: other timings, options, counts, layers, the floor and the ledger. */
class FigureReadingIT extends BrowserTest {
    @Test
    void showsAnotherTimingAndAnotherLanguageOfCounting() {
        go("/figures/cha-cha.hand-to-hand");
        choice("timing").selectOption("guapacha");
        assertThat(cell("Man 1 count")).hasValue("2.3");
        assertThat(cell("Man 1 count")).not().isEditable();
        button("back to it").click();
        assertThat(cell("Man 1 count")).hasValue("2");
        choice("count").selectOption("teaching count");
        assertThat(region("Spine")).containsText("cha");
    }

    @Test
    void switchesASchoolsOptionAndSaysWhatItChanges() {
        go("/figures/foxtrot.feather-step");
        page.getByLabel("Newer shaping").check();
        assertThat(page.getByText("Both bodies shape to the side of the feather"))
                .isVisible();
        assertThat(cell("Man 2 body")).hasValue("shape R at end");
        page.getByLabel("Newer shaping").uncheck();
        assertThat(cell("Man 2 body")).isHidden();
    }

    @Test
    void foldsLayersAndShowsOneRole() {
        go("/figures/foxtrot.reverse-turn");
        assertThat(cell("Lady 2 footwork")).isVisible();
        page.keyboard().press("Alt+2");
        assertThat(cell("Lady 2 footwork")).isHidden();
        page.keyboard().press("Alt+2");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Man"))
                .click();
        assertThat(cell("Lady 2 footwork")).isHidden();
        assertThat(cell("Man 2 footwork")).isVisible();
    }

    @Test
    void turnsTheFloorAndSavesThePictureByItself() throws IOException {
        go("/figures/waltz.natural-turn");
        page.getByLabel("Turn the floor").focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByRole(
                        AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("turned by 15 degrees"))))
                .isVisible();
        Download download = page.waitForDownload(() -> button("Save picture").click());
        Assertions.assertThat(download.suggestedFilename()).isEqualTo("waltz.natural-turn.svg");
        try (var in = download.createReadStream()) {
            Assertions.assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .startsWith("<svg")
                    .contains("rotate(15)")
                    .doesNotContain("var(--");
        }
    }

    @Test
    void goesFromAPointOfTheLedgerToItsRowAndBack() {
        go("/figures/waltz.natural-turn");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lady step 2: 3/8 R so far, LOD"))
                .click();
        assertThat(page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName("Lady step 2").setExact(true)))
                .hasClass(Pattern.compile("bg-lady-tint"));
    }

    @Test
    void drawsRepeatedStepsAsOftenAsAsked() {
        go("/figures/samba.whisks");
        assertThat(page.getByText("Man's RF free after 1, 3, 5, 7")).isVisible();
        page.getByLabel("How often the repeated steps 1-3 are drawn").selectOption("2");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Man step 6:"))))
                .isVisible();
    }

    @Test
    void comparesTwoFiguresMarkedInTheList() {
        go("/figures");
        page.getByLabel("Mark Natural Turn for comparing").check();
        page.getByLabel("Mark Natural Spin Turn for comparing").check();
        button("Compare the two").click();
        assertThat(page.getByText("6 of 12 rows differ")).isVisible();
        page.getByLabel("rows that are the same too").uncheck();
        assertThat(region("Man")).containsText("1/2 R pivot");
    }

    @Test
    void keepsChangedRowsAsAVariantAndShowsIt() {
        go("/figures/waltz.closed-change-right");
        cell("Man 3 placement").fill("side");
        cell("Man 3 placement").press("Tab");
        field("Name of the variant").fill("left open");
        button("Keep as a variant").click();
        assertThat(cell("Man 3 placement")).hasValue("closes");
        choice("variant").selectOption("left-open");
        assertThat(cell("Man 3 placement")).hasValue("side");
        button("back to it").click();
        button("Discard changes").click();
    }

    @Test
    void comparesAFigureBegunWithTheOneItWasCopiedFrom() {
        go("/figures");
        button("New figure").click();
        field("Name").fill("Whisk of our own");
        choice("From").selectOption("copy");
        choice("Which").selectOption("waltz.whisk");
        button("Begin").click();
        assertThat(cell("Man 2 footwork")).hasValue("T");
        cell("Man 2 footwork").fill("B");
        cell("Man 2 footwork").press("Tab");
        assertThat(page.getByText("Draft kept")).isVisible();
        button("Compare").click();
        link("With the figure it was made from").click();
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("rows differ")))
                .containsText("1 of 6 rows differ");
        Locator against = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("against this figure"));
        against.fill("open telemark");
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Open Telemark"))
                .first()
                .click();
        assertThat(against).hasValue("Open Telemark");
    }

    @Test
    void findsAsOneTypesInThisDanceFirstAndShowsTheKeys() {
        go("/routines");
        assertThat(button("Begin")).isVisible();
        page.keyboard().press("/");
        page.keyboard().type("lady turns right");
        Locator found = page.getByRole(AriaRole.LISTBOX, new Page.GetByRoleOptions().setName("Found"));
        assertThat(found.getByRole(AriaRole.OPTION).first()).isVisible();
        assertThat(page.getByText(Pattern.compile("in other dances: \\d+"))).isVisible();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(region("Spine")).isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Both"))
                .focus();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("derive the partner");
    }

    @Test
    void readsAsPlainLinesOnAPhone() {
        page.setViewportSize(390, 844);
        go("/figures/rumba.fan");
        assertThat(region("Reading view")).containsText("RF back checked");
        assertThat(region("Spine")).isHidden();
        Object wide = page.evaluate("document.documentElement.scrollWidth <= window.innerWidth");
        Assertions.assertThat(wide).isEqualTo(true);
    }

    @Test
    void saysProposedCautionsAndEditsFaults() {
        go("/figures/jive.whip");
        button("Edit what is said").click();
        button("Add a fault").click();
        page.getByLabel("Fault 3: what is seen").fill("She is thrown");
        assertThat(page.getByLabel("Fault 2: what is seen")).hasValue("She swings out");
        Locator timings = region("Other timings");
        timings.getByText("as text").click();
        timings.getByLabel("one a line").fill("B: Q Q Q a Q");
        timings.getByLabel("one a line").press("Tab");
        button("Done").click();
        assertThat(page.getByText("She is thrown.")).isVisible();
        assertThat(choice("timing")).isVisible();
        button("Discard changes").click();
    }

    @Test
    void makesOptionsOfOneChoiceAndAPartWithForms() {
        go("/figures/cha-cha.open-basic");
        button("Edit what is said").click();
        Locator options = region("Options");
        for (String arm : List.of("High arm", "Low arm")) {
            options.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add option"))
                    .click();
            Locator option = options.getByRole(
                            AriaRole.GROUP, new Locator.GetByRoleOptions().setName(Pattern.compile("^Option \\d")))
                    .last();
            Locator name = option.getByRole(
                    AriaRole.TEXTBOX,
                    new Locator.GetByRoleOptions().setName("name").setExact(true));
            name.fill(arm);
            name.press("Tab");
            option.getByLabel("one of the choice").fill("arm");
            option.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add cell"))
                    .click();
            Locator head = option.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Cell 1"));
            head.getByRole(
                            AriaRole.COMBOBOX,
                            new Locator.GetByRoleOptions().setName("cell").setExact(true))
                    .selectOption("head");
            head.getByLabel("says").fill(arm.equals("High arm") ? "to partner" : "ahead");
            head.getByLabel("says").press("Tab");
        }
        choice("arm").selectOption("Low arm");
        assertThat(cell("Man 1 head")).hasValue("ahead");
        choice("arm").selectOption("High arm");
        assertThat(cell("Man 1 head")).hasValue("to partner");
        choice("arm").selectOption("as charted");
        assertThat(cell("Man 1 head")).isHidden();
        region("Parts").getByLabel("to step").last().fill("40");
        region("Parts").getByLabel("to step").last().press("Tab");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("must end by");
        button("Discard changes").click();
    }

    @Test
    void countsInTheCoachsOwnWords() {
        go("/figures/jive.fallaway-rock");
        button("More about the man's step 1").click();
        // The cell stands in the row, too, as soon as it says something.
        cell("Man 1 own word").last().fill("rock");
        page.keyboard().press("Tab");
        page.keyboard().press("Escape");
        choice("count").selectOption("own words");
        assertThat(page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName("Man step 1").setExact(true)))
                .containsText("rock");
        button("Discard changes").click();
        assertThat(region("Spine")).not().containsText("rock");
    }

    @Test
    void findsFiguresOfAllDancesAndShowsTheRulesWithExamples() {
        go("/figures?q=fan");
        page.getByText(Pattern.compile("in other dances: \\d+")).click();
        assertThat(link("Hockey Stick").first()).isVisible();
        assertThat(link("Alemana").first()).isVisible();
        go("/rules");
        assertThat(page.getByText("The man dances 2 beats and the lady 3")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG)).hasCount(8);
    }
}
