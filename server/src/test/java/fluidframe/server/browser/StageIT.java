package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Figures and routines danced: with and without three dimensions, by keys, looped, mirrored and alone. */
class StageIT extends BrowserTest {
    private static final String NO_WEBGL = "const real = HTMLCanvasElement.prototype.getContext;"
            + "HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {"
            + "return kind.startsWith('webgl') ? null : real.call(this, kind, ...rest); };";

    private Locator step() {
        return region("The step");
    }

    private void rehearse(String what) {
        go("/rehearse?" + what);
        assertThat(button("Dance")).isVisible();
    }

    private void flat() {
        page.addInitScript(NO_WEBGL);
    }

    private double beat() {
        return Double.parseDouble(page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Moment"))
                .inputValue());
    }

    @Test
    void aFigureIsDancedInThreeDimensionsAndItsRowsGoBy() {
        rehearse("figure=waltz.natural-turn");
        assertThat(page.getByLabel("Natural Turn, danced, man and lady from wall"))
                .isVisible();
        assertThat(page.getByText("no three-dimensional drawing")).hasCount(0);
        assertThat(step()).containsText("man, step 1");
        button("Row on").click();
        assertThat(step()).containsText("man, step 2");
        assertThat(step()).containsText("RF side");
        page.keyboard().press("1");
        assertThat(page.getByLabel("from above")).isVisible();
        button("Mirror").click();
        assertThat(page.getByLabel("from above, mirrored")).isVisible();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Lady").setExact(true))
                .click();
        assertThat(step()).not().containsText("man, step");
    }

    @Test
    void itPlaysToItsEndToAClickAndCountsIn() {
        flat();
        rehearse("figure=tango.walks");
        page.keyboard().press("+");
        page.keyboard().press(" ");
        assertThat(button("Pause")).isVisible();
        assertThat(step()).containsText("step 2");
        assertThat(button("Dance")).isVisible();
        Assertions.assertThat(beat()).isGreaterThan(1.5);
    }

    @Test
    void aLoopGoesRoundAndRoundBetweenTheRowsChosen() {
        flat();
        rehearse("figure=quickstep.progressive-chasse");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("[");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("]");
        assertThat(page.getByText("beats 3.0 to 5.0")).isVisible();
        page.keyboard().press(" ");
        assertThat(step()).containsText("step 3");
        assertThat(step()).containsText("step 2");
        assertThat(step()).containsText("step 3");
        page.keyboard().press(" ");
        Assertions.assertThat(beat()).isBetween(2.0, 4.0);
        page.keyboard().press("o");
        assertThat(page.getByText(Pattern.compile("beats \\d"))).hasCount(0);
    }

    @Test
    void aLadderRisesAfterCleanRunsAndWaitsAfterOthers() {
        flat();
        rehearse("figure=quickstep.progressive-chasse");
        page.keyboard().press("]");
        button("Ladder").click();
        Locator clean = page.getByLabel("after clean runs");
        clean.fill("1");
        clean.press("Tab");
        button("Begin the ladder").click();
        assertThat(page.getByText("60 %")).isVisible();
        button("Dance").click();
        assertThat(page.getByText("75 %")).isVisible();
        button("Pause").click();
        assertThat(page.getByText(Pattern.compile("Ladder: \\d of 1 clean"))).isVisible();
    }

    @Test
    void aBarCountedInIsNoRunOfTheLadder() {
        flat();
        rehearse("figure=quickstep.progressive-chasse");
        page.keyboard().press("]");
        button("Ladder").click();
        button("Begin the ladder").click();
        button("Dance").click();
        assertThat(page.getByText("counting in")).isVisible();
        button("Pause").click();
        assertThat(page.getByText("Ladder: 0 of 2 clean")).isVisible();
    }

    @Test
    void aListKeepsItsLettersAndEachSoundItsLoudness() {
        flat();
        rehearse("figure=waltz.whisk");
        choice("count").focus();
        page.keyboard().type("body");
        assertThat(choice("count")).hasValue("body count");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Wall")))
                .isChecked();
        Locator voice = page.getByLabel("Loudness of the voice");
        voice.fill("0.2");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("high"))
                .click();
        page.reload();
        assertThat(voice).hasValue("0.2");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("high")))
                .isChecked();
    }

    @Test
    void withoutThreeDimensionsItIsSeenFromAbove() {
        flat();
        rehearse("figure=rumba.fan");
        assertThat(page.getByText("no three-dimensional drawing")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Fan, danced, from above")))
                .isVisible();
        button("Row on").click();
        assertThat(step()).containsText("man, step 2");
    }

    @Test
    void aRoutineIsOpenedByOneKeyAndRememberedAndOneDancerAloneIsAlone() {
        flat();
        go("/routines");
        link("Long floor, waltz").click();
        assertThat(figures().first()).isVisible();
        page.keyboard().press("r");
        assertThat(button("Dance")).isVisible();
        Locator figures = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Figures"));
        figures.getByRole(AriaRole.BUTTON).nth(3).click();
        Assertions.assertThat(beat()).isGreaterThan(5);
        go("/rehearse");
        link("Go on with Long floor, waltz").click();
        assertThat(figures).isVisible();
        go("/rehearse?figure=paso-doble.nothing");
        assertThat(page.getByText("There is no figure")).isVisible();
    }
}
