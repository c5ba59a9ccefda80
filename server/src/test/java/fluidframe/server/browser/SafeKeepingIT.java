package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.JSHandle;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Files taken in, and backups made, looked into and put back, as a coach does it in the page. */
class SafeKeepingIT extends BrowserTest {
    private static final String SONG = "format: fluidframe/song@1\nid: %s\nname: %s\nbeatsPerBar: 3\nphraseBars: 8\n"
            + "sections: [{name: Verse, bars: 16, kind: dance}]\ntempos: [{bar: 1, barsPerMinute: 29}]\n";

    private static FilePayload file(String name, String text) {
        return new FilePayload(name, "application/octet-stream", text.getBytes(StandardCharsets.UTF_8));
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void severalFilesAreComparedChosenTakenAndUndone() {
        page.navigate(app().url("/routines"));
        String whisk =
                page.request().get(app().url("/api/figures/waltz.whisk/file")).text();
        page.getByLabel("Take in files").setInputFiles(new FilePayload[] {
            file("whisk.yaml", whisk.replaceFirst("name: Whisk", "name: Our whisk")),
            file("brook.yaml", SONG.formatted("brook", "Brook")),
            file("rows.csv", "figure;role;count;foot;place\nwaltz.whisk;man;1;Q;forward\n"),
            file("cat.png", "\u0089PNG")
        });
        assertThat(dialog().getByText("line 2, column 4")).isVisible();
        assertThat(dialog().getByText("This can be no chart")).isVisible();
        assertThat(dialog().getByText("differs from here")).isVisible();
        assertThat(button("Take in one thing")).isVisible();
        dialog().getByText("what is different").click();
        assertThat(dialog().getByRole(
                                AriaRole.TABLE,
                                new Locator.GetByRoleOptions().setName("What is different in Our whisk")))
                .containsText("Our whisk");
        dialog().getByRole(AriaRole.RADIOGROUP, new Locator.GetByRoleOptions().setName("What becomes of “Our whisk”"))
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("take"))
                .click();
        button("Take in 2 things").click();
        Locator taken = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Taken in"));
        assertThat(taken).containsText("Our whisk, Brook");
        taken.getByText("Our whisk").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Our whisk"))
                        .first())
                .isVisible();
        button("Undo taking in").click();
        assertThat(taken).hasCount(0);
        Assertions.assertThat(page.request().get(app().url("/api/songs/brook")).status())
                .isEqualTo(410);
        page.navigate(app().url("/figures/waltz.whisk"));
        assertThat(page.getByText("Our whisk")).hasCount(0);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Whisk"))
                        .first())
                .isVisible();
    }

    @Test
    void aFileIsDroppedOnAnyPage() {
        page.navigate(app().url("/recall"));
        assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
        JSHandle dropped = page.evaluateHandle(
                "text => { const data = new DataTransfer();"
                        + " data.items.add(new File([text], 'stream.yaml')); return data; }",
                SONG.formatted("stream", "Stream"));
        page.dispatchEvent("body", "dragover", Map.of("dataTransfer", dropped));
        assertThat(page.getByText("Drop to take in")).isVisible();
        page.dispatchEvent("body", "drop", Map.of("dataTransfer", dropped));
        assertThat(dialog().getByText("new here")).isVisible();
        page.keyboard().press("Escape");
        assertThat(dialog()).hasCount(0);
    }

    @Test
    void aBackupIsMadeLookedIntoAndPutBack() {
        page.navigate(app().url("/backups"));
        button("Back up now").click();
        Locator first = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Backups"))
                .getByRole(AriaRole.LISTITEM)
                .first();
        assertThat(first).containsText("asked for");
        page.request().delete(app().url("/api/events/ostermere-plate-heats"));
        first.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Look into")))
                .click();
        assertThat(dialog().getByText("otherwise here").first()).isVisible();
        assertThat(dialog().getByText("Ostermere Plate, heats").first()).isVisible();
        button("Put everything back").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Restored")))
                .containsText("Put back");
        Assertions.assertThat(page.request()
                        .get(app().url("/api/events/ostermere-plate-heats"))
                        .status())
                .isEqualTo(200);
        first.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Delete")))
                .click();
        button("Delete").click();
        assertThat(dialog()).hasCount(0);
    }
}
