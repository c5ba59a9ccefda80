package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.ServerSocket;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A telephone in the same network, and the page with a passphrase: two browsers that know nothing of each other. */
class SharingIT extends BrowserTest {
    private static final String PHRASE = "seven brass lanterns";

    private BrowserContext other;

    /** Somebody else's browser, as small as a telephone. */
    private Page phone() {
        if (other == null)
            other = page.context().browser().newContext(new Browser.NewContextOptions().setViewportSize(390, 800));
        return other.newPage();
    }

    /** Every test begins with a shut door and without any device. */
    @AfterEach
    void shut() throws IOException {
        if (other != null) other.close();
        other = null;
        app().send("PUT", "/api/sharing", "{\"open\":false}");
        for (JsonNode device : new ObjectMapper()
                .readTree(app().send("GET", "/api/sharing", null).body())
                .path("devices")) {
            app().send("DELETE", "/api/sharing/devices/" + device.get("id").asText(), null);
        }
    }

    private static Locator named(Page on, AriaRole role, String name) {
        return on.getByRole(role, new Page.GetByRoleOptions().setName(name));
    }

    /** Shares, shows a code for somebody and gives it with the address behind it, as the picture has it. */
    private String code(String whom) {
        go("/sharing");
        Locator share = button("Share on this network");
        assertThat(share.or(button("Stop sharing"))).isVisible();
        if (share.isVisible()) share.click();
        page.getByLabel("Let in a device of").selectOption(whom);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^(Show a|Another) code$")))
                .click();
        Locator shown = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Code"));
        assertThat(shown).containsText(whom);
        return shown.locator("p").first().textContent().replaceAll("\\D", "");
    }

    /** Where the network sees this studio; the tests go there over this machine itself. */
    private String network() {
        return "http://127.0.0.1:" + app().networkPort();
    }

    private Page letIn(String code, String name) {
        Page phone = phone();
        phone.navigate(network() + "/#" + code);
        phone.getByLabel("What this device is called").fill(name);
        named(phone, AriaRole.BUTTON, "Let me in").click();
        return phone;
    }

    @Test
    void aCouplesPhoneIsLetInPractisesLogsAndIsShutOut() {
        Page phone = letIn(code("Ines and Tobin"), "Tobin's phone");
        Console console = Console.of(phone, true);
        assertThat(phone.getByText("Tobin's phone · Ines and Tobin")).isVisible();
        assertThat(named(page, AriaRole.REGION, "Devices")).containsText("Tobin's phone");

        named(phone, AriaRole.REGION, "Practice")
                .getByRole(AriaRole.LINK)
                .first()
                .click();
        Locator today = named(phone, AriaRole.REGION, "Today");
        String first = today.getByRole(AriaRole.CHECKBOX).first().getAttribute("aria-label");
        today.getByLabel(first, new Locator.GetByLabelOptions().setExact(true))
                .first()
                .check();
        assertThat(today).containsText(Pattern.compile("1 of \\d+ done"));
        phone.reload();
        assertThat(today.getByRole(AriaRole.CHECKBOX).first()).isChecked();

        today.getByRole(AriaRole.LINK).first().click();
        named(phone, AriaRole.BUTTON, "Dance").click();
        assertThat(named(phone, AriaRole.BUTTON, "Pause")).isVisible();
        phone.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Clean").setExact(true))
                .click();
        assertThat(phone.getByText("Kept: clean")).isVisible();
        named(phone, AriaRole.BUTTON, "Not clean").click();
        phone.getByLabel("what went wrong").fill("late on three");
        named(phone, AriaRole.BUTTON, "Keep it").click();
        assertThat(phone.getByText("Kept: late on three, step 1.")).isVisible();

        named(phone, AriaRole.LINK, "Sheet").click();
        assertThat(phone.frameLocator("iframe").getByRole(AriaRole.HEADING).first())
                .isVisible();
        Assertions.assertThat(console.lines()).isEmpty();

        go("/people/ines-and-tobin");
        named(page, AriaRole.TAB, "Log").click();
        assertThat(page.getByText("late on three").first()).isVisible();
        go("/sharing");
        assertThat(named(page, AriaRole.REGION, "What happened")).containsText("practice ticked");
        button("Shut out Tobin's phone").click();
        assertThat(named(page, AriaRole.REGION, "Devices")).containsText("None yet.");
        phone.navigate(network() + "/shared");
        assertThat(named(phone, AriaRole.HEADING, "Come in")).isVisible();
    }

    @Test
    void aScreenOfTheStudioFollowsTheClassAndReachesNothingElse() {
        String made = app().send("POST", "/api/classes", evening()).body();
        String id = made.replaceFirst(".*?\"id\":\"([^\"]+)\".*", "$1");
        Page screen = letIn(code("the studio"), "Hall screen");
        named(screen, AriaRole.REGION, "Classes of today")
                .getByRole(AriaRole.LINK)
                .last()
                .click();
        assertThat(named(screen, AriaRole.HEADING, "Round 1")).isVisible();
        go("/classes/" + id + "/floor");
        assertThat(button("Begin the round (space)")).isEnabled();
        page.keyboard().press("Space");
        assertThat(button("Break off (space)")).isVisible();
        page.keyboard().press("Enter");
        assertThat(named(screen, AriaRole.HEADING, "Round 2")).isVisible();
        for (String path : new String[] {"/people", "/lessons", "/api/lessons", "/figures/waltz.whisk"}) {
            int status = screen.request().get(network() + path).status();
            Assertions.assertThat(status).isEqualTo(path.startsWith("/api") ? 403 : 200);
            screen.navigate(network() + path);
            if (!path.startsWith("/api"))
                assertThat(named(screen, AriaRole.REGION, "Figures")).isVisible();
        }
    }

    private static String evening() {
        StringBuilder people = new StringBuilder();
        for (String name : new String[] {"ines-vael", "tobin-rask", "oda-quill", "piet-hollin"}) {
            people.append(people.isEmpty() ? "" : ",")
                    .append("{\"dancer\":\"%s\",\"roles\":[\"man\",\"lady\"]}".formatted(name));
        }
        return "{\"at\":\"%sT23:30\",\"rounds\":3,\"people\":[%s]}".formatted(java.time.LocalDate.now(), people);
    }

    @Test
    void aWrongCodeIsToldAndTheRightOneStillLetsIn() {
        String code = code("the studio");
        Page phone = phone();
        phone.navigate(network());
        phone.getByLabel("Code").fill(code.equals("123456") ? "654321" : "123456");
        phone.getByLabel("What this device is called").fill("Phone");
        named(phone, AriaRole.BUTTON, "Let me in").click();
        assertThat(phone.getByRole(AriaRole.ALERT)).containsText("does not let in");
        phone.getByLabel("Code").fill(code.substring(0, 3) + " " + code.substring(3));
        phone.getByLabel("Code").press("Enter");
        assertThat(named(phone, AriaRole.REGION, "Routines")).isVisible();
    }

    @Test
    void sharingStoppedShutsThePortAndDevicesComeInAgainWhenItOpens() throws IOException {
        Page phone = letIn(code("the studio"), "Tablet");
        assertThat(named(phone, AriaRole.REGION, "Routines")).isVisible();
        button("Stop sharing").click();
        assertThat(button("Share on this network")).isVisible();
        try (ServerSocket free = new ServerSocket(app().networkPort())) {
            Assertions.assertThatThrownBy(() -> phone.request().get(network() + "/api/shared", options()))
                    .isInstanceOf(RuntimeException.class);
            // What is taken by another program cannot be opened, and that is said.
            button("Share on this network").click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("in use by another program");
            Assertions.assertThat(free.isBound()).isTrue();
        }
        button("Share on this network").click();
        assertThat(button("Stop sharing")).isVisible();
        phone.reload();
        assertThat(named(phone, AriaRole.REGION, "Routines")).isVisible();
    }

    @Test
    void afterAKillSharingIsOffAndDevicesOfOddNamesAndThePassphraseAreStillThere() {
        String odd = "<b>\"Ph_ne\" & 100%</b>";
        Page phone = letIn(code("the studio"), odd);
        assertThat(phone.getByText(odd)).isVisible();
        page.request()
                .put(
                        app().url("/api/sharing/passphrase"),
                        com.microsoft.playwright.options.RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData("{\"now\":\"\",\"fresh\":\"%s\"}".formatted(PHRASE)));
        restartServer();
        go("/sharing");
        assertThat(named(page, AriaRole.HEADING, "The studio is locked")).isVisible();
        page.getByLabel("Passphrase").fill(PHRASE);
        button("Open").click();
        assertThat(page.getByText("Only this machine sees the studio.")).isVisible();
        assertThat(named(page, AriaRole.REGION, "Devices")).containsText(odd);
        button("Share on this network").click();
        assertThat(button("Stop sharing")).isVisible();
        phone.navigate(network() + "/shared");
        assertThat(named(phone, AriaRole.REGION, "Routines")).isVisible();
        button("Shut out " + odd).click();
        assertThat(named(page, AriaRole.REGION, "Devices")).containsText("None yet.");
        page.getByLabel("The one of now").fill(PHRASE);
        button("Take it away").click();
        assertThat(page.getByText("This page opens by itself.")).isVisible();
    }

    @Test
    void lockedWhileADialogIsOpenThePassphraseIsTypedAndTheDialogIsAsItWas() {
        go("/sharing");
        page.getByLabel("Passphrase, 8 characters or more").fill(PHRASE);
        page.getByLabel("The same again").fill(PHRASE);
        button("Set it").click();
        assertThat(page.getByText("Set. This page asks")).isVisible();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sharing"))
                .click();
        page.keyboard().press("j");
        Locator line =
                page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TEXTBOX).first();
        line.fill("ines");
        page.request().post(app().url("/api/access/lock"));
        line.fill("ines, natural turn 5");
        Locator locked = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Locked"));
        assertThat(locked).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("Escape");
        assertThat(locked).isVisible();
        locked.getByLabel("Passphrase").fill(PHRASE);
        locked.getByLabel("Passphrase").press("Enter");
        assertThat(locked).hasCount(0);
        assertThat(line).hasValue("ines, natural turn 5");
        go("/sharing");
        page.getByLabel("The one of now").fill(PHRASE);
        button("Take it away").click();
        assertThat(page.getByText("This page opens by itself.")).isVisible();
    }

    private static com.microsoft.playwright.options.RequestOptions options() {
        return com.microsoft.playwright.options.RequestOptions.create().setTimeout(3000);
    }

    @Test
    void thePageIsLockedInTheMidstOfTheWorkAndNothingTypedIsLost() {
        go("/sharing");
        page.getByLabel("Passphrase, 8 characters or more").fill(PHRASE);
        page.getByLabel("The same again").fill(PHRASE + "x");
        assertThat(page.getByText("The two are not the same.")).isVisible();
        page.getByLabel("The same again").fill(PHRASE);
        button("Set it").click();
        assertThat(page.getByText("Set. This page asks")).isVisible();

        Page stranger = phone();
        stranger.navigate(app().url("/people"));
        assertThat(named(stranger, AriaRole.HEADING, "The studio is locked")).isVisible();
        stranger.getByLabel("Passphrase").fill("let me in");
        stranger.getByLabel("Passphrase").press("Enter");
        assertThat(stranger.getByRole(AriaRole.ALERT)).containsText("not the passphrase");
        assertThat(stranger.getByText("Ines")).hasCount(0);

        go("/drills/turning-by-degrees");
        Locator name = field("Name");
        assertThat(name).isVisible();
        page.request().post(app().url("/api/access/lock"));
        name.fill("Turning, locked");
        name.press("Tab");
        assertThat(named(page, AriaRole.HEADING, "The studio is locked")).isVisible();
        page.getByLabel("Passphrase").fill(PHRASE);
        button("Open").click();
        assertThat(named(page, AriaRole.HEADING, "The studio is locked")).isHidden();
        assertThat(name).hasValue("Turning, locked");
        name.fill("Turning, open again");
        name.press("Tab");
        assertThat(page.getByText("Kept.")).isVisible();

        button("Settings").click();
        button("Lock the page").click();
        assertThat(named(page, AriaRole.HEADING, "The studio is locked")).isVisible();
        page.getByLabel("Passphrase").fill(PHRASE);
        page.getByLabel("Passphrase").press("Enter");
        assertThat(button("Settings")).isVisible();
        go("/sharing");
        page.getByLabel("The one of now").fill(PHRASE);
        button("Take it away").click();
        assertThat(page.getByText("This page opens by itself.")).isVisible();
        stranger.navigate(app().url("/drills"));
        assertThat(stranger.getByText("Turning, open again").first()).isVisible();
        Assertions.assertThat(Map.of(
                        "status",
                        stranger.request().get(app().url("/api/routines")).status()))
                .containsEntry("status", 200);
    }
}
