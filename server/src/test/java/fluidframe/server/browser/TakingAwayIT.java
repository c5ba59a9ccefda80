package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is taken away from the desk: sheets as they are printed, files, and a practice card that needs nobody. */
class TakingAwayIT extends BrowserTest {
    private static final long LARGEST_CARD = 1_500_000;

    @TempDir
    private Path folder;

    @Test
    void aSheetIsSeenAsItIsPrintedAndOpenedAsAPdf() {
        page.navigate(app().url("/routines/long-floor-waltz"));
        button("More").click();
        page.getByText("One role's sheet").click();
        FrameLocator sheet = page.frameLocator("iframe[title='The sheet']");
        assertThat(sheet.getByRole(AriaRole.HEADING, new FrameLocator.GetByRoleOptions().setName("Long floor, waltz")))
                .isVisible();
        assertThat(sheet.getByText("sway").first()).isVisible();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("body"))
                .uncheck();
        assertThat(sheet.getByText("Lady's part").first()).isVisible();
        assertThat(sheet.getByText("sway")).hasCount(0);
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Man").setExact(true))
                .click();
        assertThat(sheet.getByText("Man's part").first()).isVisible();
        Locator pdf = page.getByText("Open as PDF");
        assertThat(pdf)
                .hasAttribute(
                        "href", Pattern.compile("/api/handouts/part/long-floor-waltz/pdf\\?role=man&folded=body"));
        Assertions.assertThat(page.request()
                        .get(app().url(pdf.getAttribute("href")))
                        .headers()
                        .get("content-type"))
                .contains("application/pdf");
    }

    @Test
    void aSheetForTheFirstLessonLeavesTheRestOutAndKeepsToIt() {
        go("/print/figure/waltz.whisk");
        FrameLocator sheet = page.frameLocator("iframe[title='The sheet']");
        Locator first = sheet.getByText("folds at the waist").first();
        Locator later = sheet.getByText("Her cross is late").first();
        assertThat(later).isVisible();
        page.getByLabel("remarks for").selectOption("first lesson");
        assertThat(later).isHidden();
        assertThat(first).isVisible();
        page.reload();
        assertThat(page.getByLabel("remarks for")).hasValue("first lesson");
        assertThat(first).isVisible();
        assertThat(later).isHidden();
        page.getByLabel("remarks for").selectOption("advanced");
        assertThat(later).isVisible();
    }

    private Path saved(Runnable click) {
        Download download = page.waitForDownload(click);
        Path file = folder.resolve(download.suggestedFilename());
        download.saveAs(file);
        return file;
    }

    @Test
    void aChartIsTakenAwayAsATable() throws IOException {
        page.navigate(app().url("/figures/waltz.whisk"));
        button("More").click();
        Path file = saved(() -> page.getByText("Rows for a spreadsheet").click());
        Assertions.assertThat(file).hasFileName("Whisk.csv");
        Assertions.assertThat(Files.readString(file))
                .startsWith("figure,role,count")
                .contains("waltz.whisk,man,1");
    }

    /** On a phone without a network: it dances, counts, loops and keeps what is ticked, and asks nobody for anything. */
    @Test
    void aPracticeCardNeedsNoNetwork() throws IOException {
        page.navigate(app().url("/practice"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ines and Tobin"))
                .first()
                .click();
        button("More").click();
        Path file = saved(() -> page.getByText("Practice card for a phone").click());
        Assertions.assertThat(Files.size(file)).isLessThan(LARGEST_CARD);

        page.context().setOffline(true);
        page.setViewportSize(390, 844);
        List<String> asked = new ArrayList<>();
        page.onRequest(request -> {
            if (!request.url().startsWith("file:") && !request.url().startsWith("data:")) asked.add(request.url());
        });
        page.navigate(file.toUri().toString());
        Locator task = page.getByRole(AriaRole.CHECKBOX).first();
        task.check();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Dance .+")))
                .first()
                .click();
        // A task with a tempo is looped at once.
        assertThat(button("Loop")).hasAttribute("aria-pressed", "true");
        button("Dance").click();
        Locator steps = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Steps"));
        Locator here = steps.locator("[aria-current='step']");
        assertThat(here).containsText(Pattern.compile("^1"));
        assertThat(here)
                .containsText(Pattern.compile("^3"), new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
        // Round the loop and on.
        assertThat(here)
                .containsText(Pattern.compile("^1"), new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
        assertThat(page.getByLabel("Said")).hasText(Pattern.compile("[1-3]|ready"));
        button("Pause").click();
        page.reload();
        assertThat(page.getByRole(AriaRole.CHECKBOX).first()).isChecked();
        Assertions.assertThat(asked).isEmpty();
        int wide = (int) page.evaluate("document.documentElement.scrollWidth");
        Assertions.assertThat(wide).isLessThanOrEqualTo(390);
    }
}
