package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** One editor for everything kept: two windows, a server that is away, a browser that crashes, a bin. */
class EditingIT extends BrowserTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private JsonNode get(String path) {
        try {
            return MAPPER.readTree(app().send("GET", path, null).body());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Locator name(Page page) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Name").setExact(true));
    }

    private static Locator status(Page page) {
        return page.getByRole(AriaRole.STATUS).first();
    }

    private static Locator pressed(Page page, String button) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button).setExact(true));
    }

    private String newSong(String name) {
        ObjectNode song = (ObjectNode) get("/api/songs/lantern-hill").get("document");
        String body = app().send("POST", "/api/songs", song.put("name", name).toString())
                .body();
        try {
            return MAPPER.readTree(body).get("id").asText();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Opens the same song in two windows and saves a change in the second, then one in the first. */
    private Page collide(String id) {
        go("/songs/" + id);
        assertThat(name(page)).isVisible();
        Page other = page.context().newPage();
        other.navigate(app().url("/songs/" + id));
        name(other).fill("Theirs");
        assertThat(status(other)).hasText("Kept.");
        page.getByLabel("Bars of First verse").fill("9");
        page.getByLabel("Bars of First verse").press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("was saved elsewhere");
        assertThat(dialog.getByRole(AriaRole.ROW)).hasCount(3);
        assertThat(dialog).containsText("Theirs");
        return other;
    }

    @Test
    void twoWindowsShowBothSidesAndEachChoiceLosesNothing() {
        String mine = newSong("Two windows");
        collide(mine);
        button("Keep mine").click();
        assertThat(status(page)).hasText("Kept.");
        JsonNode kept = get("/api/songs/" + mine).get("document");
        assertThat(kept.get("name").asText()).isEqualTo("Two windows");
        assertThat(kept.at("/sections/1/bars").asInt()).isEqualTo(9);
        button("Undo").click();
        assertThat(name(page)).hasValue("Theirs");

        String theirs = newSong("Two windows again");
        collide(theirs);
        button("Take theirs").click();
        assertThat(name(page)).hasValue("Theirs");
        assertThat(page.getByLabel("Bars of First verse")).hasValue("8");
        button("Undo").click();
        assertThat(page.getByLabel("Bars of First verse")).hasValue("9");
        assertThat(status(page)).hasText("Kept.");

        String both = newSong("Both windows");
        collide(both);
        button("Keep both").click();
        link("Both windows (mine)").click();
        assertThat(page.getByLabel("Bars of First verse")).hasValue("9");
        assertThat(get("/api/songs/" + both).at("/document/name").asText()).isEqualTo("Theirs");
    }

    @Test
    void whatIsTypedWhileTheServerIsAwayIsSentWhenItIsBack() {
        String id = newSong("Outage");
        go("/songs/" + id);
        assertThat(name(page)).isVisible();
        app().kill();
        name(page).fill("Typed in the dark");
        assertThat(status(page)).containsText("does not answer");
        app().again();
        assertThat(status(page)).hasText("Kept.");
        assertThat(get("/api/songs/" + id).at("/document/name").asText()).isEqualTo("Typed in the dark");
    }

    @Test
    void whatALeftDeskHadNotSentIsSentByItself() {
        String id = newSong("Left behind");
        go("/songs");
        link("Left behind").click();
        assertThat(name(page)).isVisible();
        app().kill();
        name(page).fill("Sent from elsewhere");
        assertThat(status(page)).containsText("does not answer");
        link("Links").click();
        assertThat(region("Not sent yet")).containsText("Sent from elsewhere");
        app().again();
        Page other = page.context().newPage();
        other.navigate(app().url("/events"));
        assertThat(region("Not sent yet")).isHidden();
        assertThat(other.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Not sent yet")))
                .isHidden();
        assertThat(get("/api/songs/" + id).get("version").asInt()).isEqualTo(2);
        assertThat(get("/api/songs/" + id).at("/document/name").asText()).isEqualTo("Sent from elsewhere");
    }

    @Test
    void aCrashOfTheBrowserLosesNothingThatWasTyped() {
        String id = newSong("Crash");
        go("/songs/" + id);
        assertThat(name(page)).isVisible();
        app().kill();
        name(page).fill("Before the crash");
        assertThat(status(page)).containsText("does not answer");
        Page again = page.context().newPage();
        page.close(new Page.CloseOptions().setRunBeforeUnload(false));
        app().again();
        again.navigate(app().url("/songs/" + id));
        assertThat(name(again)).hasValue("Before the crash");
        assertThat(status(again)).hasText("Kept.");
        assertThat(get("/api/songs/" + id).at("/document/name").asText()).isEqualTo("Before the crash");
    }

    @Test
    void aRoutineOfTwoHundredFiguresWithLongNotesIsKeptFromThePage() {
        ObjectNode routine =
                (ObjectNode) get("/api/routines/ostermere-plate-waltz").get("document");
        ArrayNode figures = routine.put("name", "Two hundred").putArray("figures");
        for (int i = 0; i < 200; i++) {
            figures.addObject()
                    .put("figure", i % 2 == 0 ? "waltz.closed-change-right" : "waltz.closed-change-left")
                    .put("note", ("Note " + i + " ").repeat(70).substring(0, 490));
        }
        assertThat(routine.toString().length()).isGreaterThan(100_000);
        String made = app().send("POST", "/api/routines", routine.toString()).body();
        String id = made.replaceFirst(".*?\"id\":\"([^\"]+)\".*", "$1");
        go("/routines/" + id);
        assertThat(figures()).hasCount(200);
        figures().nth(3).click();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Figure"))
                .click();
        page.getByLabel("Note").last().fill("Kept from the page");
        assertThat(status(page)).hasText("Kept.");
        assertThat(get("/api/routines/" + id).at("/document/figures/3/note").asText())
                .isEqualTo("Kept from the page");
    }

    @Test
    void theBinIsAskedFilledUsedAndEmptied() {
        newSong("For the bin");
        go("/songs/lantern-hill");
        button("More").click();
        button("Delete").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Formal evening, waltz");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put into the bin"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING).first()).hasText("Songs");
        assertThat(link("Lantern Hill")).isHidden();
        go("/routines/formal-evening-waltz");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Music"))
                .click();
        assertThat(region("Music")).containsText("The song it was set to is gone");
        go("/bin");
        button("Put “Lantern Hill” back").click();
        assertThat(status(page)).containsText("Lantern Hill is back");
        go("/routines/formal-evening-waltz");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Music"))
                .click();
        assertThat(region("Music")).not().containsText("is gone");

        go("/songs");
        link("For the bin").click();
        button("More").click();
        button("Delete").click();
        pressed(page, "Put into the bin").click();
        go("/bin");
        button("Remove “For the bin” for good").click();
        pressed(page, "Remove for good").click();
        assertThat(page.getByText("The bin is empty.")).isVisible();
    }

    @Test
    void anOwnFigureGoesAndTheRoutineThatDancesItSaysSo() {
        ObjectNode routine =
                (ObjectNode) get("/api/routines/ostermere-plate-waltz").get("document");
        ((ObjectNode) routine.put("name", "With a pause").at("/figures/1")).put("figure", "waltz.lantern-pause");
        String made = app().send("POST", "/api/routines", routine.toString()).body();
        String id = made.replaceFirst(".*?\"id\":\"([^\"]+)\".*", "$1");
        go("/figures/waltz.lantern-pause");
        button("More").click();
        button("Delete").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("With a pause");
        pressed(page, "Put into the bin").click();
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/figures$"));
        go("/routines/" + id);
        assertThat(figures()).hasCount(11);
        assertThat(figures().nth(1)).containsText("not in the library");
        go("/routines");
        assertThat(page.getByText("a figure of it is gone").first()).isVisible();
        go("/bin");
        button("Put “Lantern Pause” back").click();
        assertThat(button("Put “Lantern Pause” back")).isHidden();
        go("/routines/" + id);
        assertThat(figures().nth(1)).containsText("Lantern Pause");
    }

    @Test
    void unsavedWorkOfTwoWindowsIsKeptApartAndAStaleOneIsCompared() {
        go("/figures/waltz.whisk");
        cell("Man 1 turn").fill("1/8 R");
        cell("Man 1 turn").press("Enter");
        assertThat(status(page)).containsText("Draft kept.");
        Page other = page.context().newPage();
        other.navigate(app().url("/figures/waltz.whisk"));
        assertThat(status(other)).containsText("from last time is here again");
        other.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Man 2 turn").setExact(true))
                .fill("1/4 R");
        other.keyboard().press("Enter");
        assertThat(status(other)).containsText("Draft kept.");
        cell("Man 3 turn").fill("3/8 R");
        cell("Man 3 turn").press("Enter");
        assertThat(status(page)).containsText("Draft kept.");
        button("Save version").click();
        pressed(page, "Save").click();
        assertThat(status(page)).containsText("Saved as version 1.");
        assertThat(get("/api/figures/waltz.whisk").get("drafts")).hasSize(1);

        other.reload();
        assertThat(other.getByRole(AriaRole.DIALOG)).containsText("man 3, turn");
        pressed(other, "Take theirs").click();
        assertThat(other.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName("Man 3 turn").setExact(true)))
                .hasValue("3/8 R");
        assertThat(other.getByRole(AriaRole.DIALOG)).isHidden();
        assertThat(status(other)).containsText("Your copy, version 1.");
        button("Reset to shipped").click();
        pressed(page, "Reset").click();
        assertThat(status(page)).containsText("The shipped chart is back");
    }
}
