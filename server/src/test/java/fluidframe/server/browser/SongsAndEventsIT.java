package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Songs by hand, by tapping and from a file; events that a routine passes and fails; links between figures. */
class SongsAndEventsIT extends BrowserTest {
    @Test
    void beginsASongTapsItsTempoAndKeepsIt() {
        go("/songs");
        page.getByLabel("Name of a new song").fill("Paper Boats");
        button("Begin").click();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Paper Boats");
        page.getByLabel("Bars of Verse").fill("24");
        page.getByLabel("Bars of Verse").press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Kept.");
        assertThat(page.getByText("28 bars").first()).isVisible();
        for (int i = 0; i < 5; i++) button("Tap every beat (t)").click();
        button("Take it").click();
        page.getByLabel("Bars of Verse").fill("900");
        page.getByLabel("Bars of Verse").press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("at most 800 bars, but has 904");
        button("Undo").click();
        page.getByLabel("Bars a minute of tempo 1").fill("29");
        page.getByLabel("Bars a minute of tempo 1").press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Kept.");
        page.reload();
        assertThat(page.getByLabel("Bars of Verse")).hasValue("24");
    }

    @Test
    void saysWhatIsWrongWithAFileThatIsNoMidi() {
        go("/songs");
        page.getByLabel("or take in a recording")
                .setInputFiles(new FilePayload("notes.mid", "audio/midi", "words".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("standard MIDI file");
    }

    @Test
    void failsARoutineForItsLevelAndPassesItOnceThatIsPermitted() {
        go("/events");
        link("Ostermere Plate, heats").click();
        page.getByLabel("Check a routine").selectOption("Long floor, waltz");
        Locator report = page.getByRole(AriaRole.ARTICLE);
        assertThat(report.getByRole(AriaRole.STATUS)).hasText("1 thing is not kept.");
        assertThat(report).containsText("Contra Check (bar 8)");
        page.getByLabel("up to").selectOption("Gold");
        assertThat(report.getByRole(AriaRole.STATUS)).hasText("Nothing stands against it.");
        page.getByLabel("Slowest waltz").fill("30");
        page.getByLabel("Slowest waltz").press("Enter");
        assertThat(report.getByRole(AriaRole.STATUS)).hasText("1 thing is not kept.");
        page.getByLabel("Check a routine").selectOption("Thursday puzzle");
        assertThat(report).containsText("Cannot be joined");
    }

    @Test
    void saysWhyTwoFiguresCannotBeJoinedAndBeginsARoutineOfTwoThatCan() {
        go("/links");
        page.getByLabel("after").selectOption("Natural Turn");
        page.getByLabel("comes").selectOption("Reverse Turn");
        Locator pair = region("The two together");
        assertThat(pair.getByRole(AriaRole.STATUS)).containsText("Not possible");
        assertThat(pair).containsText("The man's RF is free and the figure begins with the LF.");
        region("Around the figure")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Practice loops through it"))
                .click();
        assertThat(region("Turning on")).containsText("Natural Turn 1-3 → Open Impetus → Chasse from Promenade");
        assertThat(region("Turning on")).containsText("each round turns 1/4 L; 4 rounds come back");
        assertThat(region("Round the floor")).containsText("Natural Turn");
        page.getByLabel("comes").selectOption("Natural Turn");
        assertThat(pair.getByRole(AriaRole.STATUS)).containsText("Possible if");
        pair.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("Begin a routine: take the corner.*")))
                .click();
        assertThat(page.getByRole(AriaRole.OPTION)).hasCount(2);
        assertThat(page.getByText("all hold")).isVisible();
    }
}
