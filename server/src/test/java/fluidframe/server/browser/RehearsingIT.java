package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What is logged while something is danced, what is danced beside a desk, turned by degrees, heard and kept as pictures. */
class RehearsingIT extends BrowserTest {
    /** Milliseconds by which a sound may be off its beat, and decibels by which one band may be louder than another. */
    private static final double OFF_THE_BEAT = 10;

    private static final double LOUDER = 3;

    private static final Pattern HEARD = Pattern.compile("(\\d+) of (\\d+), ([\\d.]+) ms");

    private void rehearse(String what) {
        go("/rehearse?" + what);
        assertThat(button("Dance")).isVisible();
    }

    private Locator slider(String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name));
    }

    private Locator seen() {
        return region("Seen");
    }

    @Test
    void aFaultIsLoggedAtItsStepByKeysAndFoundAgainAndACleanRunToo() {
        rehearse("figure=waltz.whisk&whom=yuna-and-bastien");
        assertThat(page.getByLabel("For whom")).hasValue("Yuna and Bastien");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(region("The step")).containsText("lady, step 3");
        page.keyboard().press("x");
        assertThat(field("What was seen")).isFocused();
        assertThat(seen()).containsText("step 3, Whisk");
        page.keyboard().type("Heel \"down\" & late");
        page.keyboard().press("Tab");
        page.keyboard().type("Wait for the knee");
        page.keyboard().press("Enter");
        Locator faults = seen().getByRole(AriaRole.LIST);
        assertThat(faults).containsText("1× Heel \"down\" & late lady, step 3: Wait for the knee");
        button("Clean run").click();
        assertThat(seen()).containsText("0 of 1 run clean");
        page.keyboard().press("x");
        seen().getByText("Her cross is late").click();
        assertThat(faults).containsText("1× Her cross is late");
        page.reload();
        assertThat(faults).containsText("Heel \"down\" & late");
        assertThat(faults).containsText("Back first and open on two");
        assertThat(seen()).containsText("0 of 1 run clean");
    }

    @Test
    void whatWasLoggedByMistakeIsTakenBackAndNothingIsKeptWithoutWords() {
        rehearse("figure=tango.walks&whom=oda-and-piet");
        assertThat(page.getByLabel("For whom")).hasValue("Oda and Piet");
        page.keyboard().press("l");
        assertThat(seen()).containsText("1 of 1 run clean, fastest at 32 bars a minute");
        button("Take back").click();
        assertThat(seen()).containsText("Taken back.");
        assertThat(seen()).not().containsText("1 of 1 run clean");
        button("Fault here").click();
        button("Keep").click();
        assertThat(field("What was seen")).isVisible();
        page.keyboard().press("Escape");
        assertThat(field("What was seen")).hasCount(0);
    }

    @Test
    void aTurnIsTakenDegreeByDegree() {
        rehearse("figure=waltz.natural-turn");
        Locator turn = slider("Turn, degree by degree");
        turn.focus();
        double before = Double.parseDouble(slider("Moment").inputValue());
        for (int i = 0; i < 30; i++) page.keyboard().press("ArrowRight");
        assertThat(turn).hasAttribute("aria-valuetext", Pattern.compile("30 of \\d+ degrees"));
        Assertions.assertThat(Double.parseDouble(slider("Moment").inputValue())).isGreaterThan(before);
    }

    @Test
    void theChosenFiguresOfARoutineAreLoopedAndACoupleHasItsHeights() {
        go("/routines/long-floor-waltz");
        figures().nth(1).click();
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("r");
        assertThat(button("Loop off")).isVisible();
        assertThat(page.getByText(Pattern.compile("beats 7\\.0 to 16\\.0"))).isVisible();
        button("Heights").click();
        page.getByRole(AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("Man"))
                .fill("192");
        button("Dance at these heights").click();
        assertThat(button("Heights")).hasText("192 and 166 cm");
        assertThat(button("Loop off")).isVisible();
    }

    @Test
    void aDeskDancesWhatIsTypedBeforeItIsSaved() {
        go("/figures/waltz.whisk");
        button("Dance").click();
        Locator danced = region("Danced");
        assertThat(danced.getByLabel("Whisk, danced, from above")).isVisible();
        assertThat(danced.getByLabel("Count")).hasText("1");
        cell("Man 1 count").fill("1.2");
        cell("Man 1 count").press("Tab");
        assertThat(danced.getByLabel("Count")).hasText("1.2");
        button("back to the floor").click();
        assertThat(region("Floor")).isVisible();
        go("/routines/long-floor-waltz");
        button("Dance").click();
        assertThat(danced.getByLabel("Long floor, waltz, danced, from above")).isVisible();
    }

    @Test
    void aFigureInTheListIsRehearsedByOneKey() {
        go("/figures");
        link("Whisk").first().press("r");
        assertThat(button("Dance")).isVisible();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("Whisk");
    }

    @Test
    void picturesOfADanceAreDrawnAndSaved() throws Exception {
        go("/strips");
        Locator first = page.getByLabel("a pose for every count").first();
        assertThat(first).isVisible();
        Download saved = page.waitForDownload(
                () -> page.getByText("Save picture").first().click());
        String svg = Files.readString(saved.path());
        Assertions.assertThat(svg).startsWith("<svg").doesNotContain("var(--", "NaN");
        Assertions.assertThat(svg.split("<path").length).isGreaterThan(60);
    }

    @Test
    void aSheetShowsAPictureOfEveryFigureOnDemand() {
        go("/routines/long-floor-waltz/sheet");
        Locator tables = page.getByRole(AriaRole.TABLE);
        assertThat(tables.first()).isVisible();
        Locator pictures = page.getByLabel("a pose for every count");
        assertThat(pictures).hasCount(0);
        page.getByLabel("pictures").check();
        assertThat(pictures).hasCount(tables.count());
    }

    @Test
    void everyBandEveryCountAndEveryClickIsOnItsBeatAndNoBandIsMuchLouderThanAnother() {
        go("/sounds");
        button("Measure all").click();
        assertThat(page.getByRole(AriaRole.STATUS))
                .containsText("high voice", new LocatorAssertions.ContainsTextOptions().setTimeout(400_000));
        List<List<String>> rows = page.getByRole(AriaRole.ROW).all().stream()
                .skip(1)
                .map(row -> row.getByRole(AriaRole.CELL).allInnerTexts())
                .toList();
        Assertions.assertThat(rows).hasSize(17);
        for (List<String> row : rows) {
            for (int part = 1; part <= 3; part++) wellHeard(row.get(part), part == 1 ? 0.9 : 1);
            Assertions.assertThat(Double.parseDouble(row.get(5))).isBetween(0.2, 0.99);
        }
        double[] levels = rows.stream()
                .mapToDouble(row -> Double.parseDouble(row.get(4).replace(" dB", "")))
                .sorted()
                .toArray();
        Assertions.assertThat(levels[levels.length - 1] - levels[0]).isLessThan(LOUDER);
        HEARD.matcher(page.getByRole(AriaRole.STATUS).innerText())
                .results()
                .forEach(voice -> wellHeard(voice.group(), 1));
    }

    private static void wellHeard(String told, double share) {
        List<MatchResult> found = HEARD.matcher(told).results().toList();
        Assertions.assertThat(found).as(told).hasSize(1);
        MatchResult heard = found.get(0);
        Assertions.assertThat(Double.parseDouble(heard.group(1)))
                .as(told)
                .isGreaterThanOrEqualTo(share * Double.parseDouble(heard.group(2)));
        Assertions.assertThat(Double.parseDouble(heard.group(3))).as(told).isLessThanOrEqualTo(OFF_THE_BEAT);
    }

    @Test
    void whatIsDancedIsSavedAsASound() throws Exception {
        rehearse("figure=tango.walks");
        Download saved = page.waitForDownload(() -> button("Save as WAV").click());
        Assertions.assertThat(saved.suggestedFilename()).isEqualTo("Walks.wav");
        byte[] wave = Files.readAllBytes(saved.path());
        Assertions.assertThat(new String(wave, 0, 4, StandardCharsets.ISO_8859_1))
                .isEqualTo("RIFF");
        // Counted in and danced, and the last beat dying away: some seconds of it.
        Assertions.assertThat(wave.length).isGreaterThan(3 * 44100 * 2);
    }
}
