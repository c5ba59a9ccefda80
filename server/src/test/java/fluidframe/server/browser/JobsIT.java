package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whole jobs of a coach from the beginning to the end, with how many keys and clicks each takes. */
class JobsIT extends CountedTest {
    @Test
    void aSlowFoxtrotRoundAFloorOfARealSizeWithThreeRequiredFigures() {
        begin("Slow Foxtrot", "Round the hall");
        click(button("Compose"));
        type(dialog().getByLabel("Bars"), "32");
        click(dialog().getByLabel("can be danced again"));
        choose(inDialog("up to level"), "Silver");
        for (String figure : new String[] {"Reverse Wave", "Hover Cross", "Top Spin"}) {
            choose(inDialog("must have"), figure);
        }
        click(dialog().getByRole(
                        AriaRole.RADIO, new Locator.GetByRoleOptions().setName(Pattern.compile("stays on the 24"))));
        type(dialog().getByLabel("how many proposals"), "5");
        compose();
        assertThat(dialog().getByText("These 5 were found and worked out step by step"))
                .isVisible();
        assertThat(dialog().getByText(
                                Pattern.compile("closes danced twice, along (8\\d|9\\d|100) and (8\\d|9\\d|100) %")))
                .hasCount(5);
        take(1);
        assertThat(page.getByText("all hold, can be danced again")).isVisible();
        for (String figure : new String[] {"Reverse Wave", "Hover Cross", "Top Spin"}) {
            assertThat(figures()
                            .filter(new Locator.FilterOptions().setHasText(figure))
                            .first())
                    .isVisible();
        }
        assertThat(page.getByText("leaves the floor")).hasCount(0);
        click(button("The whole circuit"));
        assertThat(page.getByText("It closes danced 2 times: 64 bars")).isVisible();
        assertThat(page.getByText("off the floor")).hasCount(0);
        assertAtMost("A slow foxtrot of 32 bars on 24 x 14 m", 45);
    }

    @Test
    void aShowcaseToASongWithAHeldOpeningAndAClosingLine() {
        page.navigate(app().url("/songs"));
        page.request()
                .post(
                        app().url("/api/songs"),
                        com.microsoft.playwright.options.RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setHeader("Origin", app().url(""))
                                .setData("{\"name\":\"Three Parts\",\"beatsPerBar\":4,\"phraseBars\":4,\"sections\":["
                                        + "{\"name\":\"Verse\",\"bars\":8,\"kind\":\"dance\"},"
                                        + "{\"name\":\"Refrain\",\"bars\":10,\"kind\":\"dance\"},"
                                        + "{\"name\":\"Close\",\"bars\":6,\"kind\":\"ending\"}],"
                                        + "\"tempos\":[{\"bar\":1,\"barsPerMinute\":26}],\"accents\":[]}"));
        begin("Rumba", "Gala");
        click(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Music")));
        Locator song = region("Music").getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Song"));
        assertThat(song).not().containsText("Lantern Hill");
        choose(
                song,
                song.locator("option", new Locator.LocatorOptions().setHasText("Three Parts"))
                        .textContent());
        click(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Join and next")));
        Locator free = page.getByLabel("Free element");
        type(free, "Hold");
        type(page.getByLabel("beats", new Page.GetByLabelOptions().setExact(true)), "5");
        click(button("Put in"));
        assertThat(figures()).hasCount(1);
        type(free, "Line");
        type(page.getByLabel("beats", new Page.GetByLabelOptions().setExact(true)), "4");
        click(button("Put in"));
        assertThat(figures()).hasCount(2);
        click(button("Compose"));
        assertThat(dialog().getByText("Hold and Line stay where they are")).isVisible();
        assertThat(dialog().getByLabel("Bars")).hasValue("21");
        choose(inDialog("highlight"), "Hockey Stick");
        choose(inDialog("Where Hockey Stick is to be seen"), "in Refrain");
        compose();
        assertThat(dialog().getByText(Pattern.compile("highlights [1-9]")).first())
                .isVisible();
        take(1);
        // The ribbon as it was began and ended with the same.
        assertThat(figures()).not().hasCount(2);
        assertThat(figures().first()).containsText("Hold");
        assertThat(figures().last()).containsText("Line");
        assertThat(page.getByText("all hold")).isVisible();
        assertThat(page.getByLabel("Floor plan")).not().containsText("long side");
        click(figures().last());
        click(page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Figure")));
        assertThat(region("This figure").getByText("only as far as the back stays long"))
                .isVisible();
        assertAtMost("A showcase of 24 bars to a song of three sections", 45);
    }

    @Test
    void aBrokenJoinIsMendedInTwoClicks() {
        go("/routines");
        click(link("Thursday puzzle"));
        assertThat(page.getByText("4 not possible")).isVisible();
        click(button("Next broken join ›"));
        click(region("Join").getByRole(AriaRole.BUTTON).nth(1));
        assertThat(page.getByText("3 not possible")).isVisible();
        assertAtMost("Mending a broken join", 3);
    }

    @Test
    void aWaltzDrillIsBuiltByHandAndTheOtherFoundAmongTheLoops() {
        begin("Waltz", "Drill");
        dance("^Natural Turn 1-3", 1);
        dance("^Outside Change, ended in promenade", 2);
        type(page.getByLabel("Narrow what can follow"), "chasse");
        dance("^Chasse from Promenade", 3);
        assertThat(page.getByText("all hold")).isVisible();
        go("/links");
        choose(choice("after"), "Natural Turn");
        click(button("Practice loops through it"));
        assertThat(region("Turning on").getByText("Natural Turn 1-3 → Open Impetus → Chasse from Promenade"))
                .isVisible();
        assertAtMost("Two drills of the waltz", 40);
    }

    @Test
    void twoShoulderToShoulderAHandToHandAndTheSameOnTheOtherSide() {
        begin("Rumba", "Both sides");
        dance("^Shoulder to Shoulder", 1);
        dance("^Shoulder to Shoulder", 2);
        dance("^Hand to Hand", 3);
        click(figures().first());
        press("Control+a");
        press("o");
        assertThat(figures()).hasCount(6);
        assertThat(page.getByText("all hold")).isVisible();
        assertAtMost("A drill on both sides", 30);
    }

    @Test
    void stepsAreSaidOfBothAndASpotDanceShowsTheCouple() {
        begin("Jive", "Six");
        for (int i = 1; i <= 6; i++) dance(".", i);
        assertThat(page.getByText("all hold")).isVisible();
        Locator stations = page.getByLabel("The couple as each figure begins").getByRole(AriaRole.BUTTON);
        assertThat(stations).hasCount(7);
        button("Step on").click();
        button("Step on").click();
        Locator step = page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("The step"));
        assertThat(step).containsText("man");
        assertThat(step).containsText("lady");
        stations.nth(3).click();
        assertThat(figures().nth(3)).hasAttribute("aria-selected", "true");
        click(link("Sheet"));
        Locator sheet = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Sheet"));
        assertThat(sheet).containsText("Lady's part");
        assertThat(sheet.getByRole(AriaRole.TABLE)).hasCount(6);
        String hers = sheet.getByRole(AriaRole.TABLE).first().innerText();
        click(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Man")));
        assertThat(sheet).containsText("Man's part");
        assertThat(sheet.getByRole(AriaRole.TABLE).first()).not().hasText(hers);
        assertAtMost("Six figures of jive and a sheet of either part", 22);
    }

    @Test
    void aRoutineThatLeavesTheFloorIsFittedInTwoClicks() {
        begin("Waltz", "Off the floor");
        dance("^Natural Turn bronze", 1);
        dance("^Closed Change on RF", 2);
        dance("^Reverse Turn", 3);
        click(button("Floor and tempo"));
        type(dialog().getByLabel("Start along the first side, metres"), "23.5");
        click(dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done")));
        assertThat(page.getByText("leaves the floor").first()).isVisible();
        countAnew();
        click(button("Fit to the floor"));
        click(button("Take the fit 1"));
        assertThat(page.getByText("leaves the floor")).hasCount(0);
        assertThat(page.getByText("all hold")).isVisible();
        assertAtMost("Fitting a routine to its floor", 2);
    }

    @Test
    void aFigureIsComparedWithTheOneItWasCopiedFrom() {
        go("/figures");
        click(button("New figure"));
        type(field("Name"), "Whisk, counted");
        choose(choice("From"), "copy");
        choose(choice("Which"), "waltz.whisk");
        click(button("Begin"));
        assertThat(cell("Man 2 footwork")).hasValue("T");
        type(cell("Man 2 footwork"), "B");
        press("Tab");
        assertThat(page.getByText("Draft kept")).isVisible();
        click(button("Compare"));
        click(link("With the figure it was made from"));
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("rows differ")))
                .containsText("1 of 6 rows differ");
        assertAtMost("Comparing a figure with the one it was copied from", 30);
    }
}
