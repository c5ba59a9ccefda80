package fluidframe.server.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import fluidframe.server.RunningApp;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** The real page in headless Chromium against the packaged application; elements are found as a person finds them. */
abstract class BrowserTest {
    private static final List<String> FLAGS = List.of(
            "--headless",
            "--no-sandbox",
            "--use-angle=swiftshader",
            "--enable-unsafe-swiftshader",
            // Only what is seen in three dimensions needs the graphics card that is not there: pages are drawn in half
            // the time.
            "--disable-gpu-compositing",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** Long, for beside a page two servers, two browsers and a plan may want the processor. */
    private static final int WAIT_MILLISECONDS = 60_000;

    @TempDir
    private static Path data;

    private static Browser browser;
    private static RunningApp app;

    private BrowserContext context;
    protected Page page;

    @BeforeAll
    static void open() {
        app = RunningApp.startFurnished(data);
        PlaywrightAssertions.setDefaultAssertionTimeout(WAIT_MILLISECONDS);
        if (browser == null || !browser.isConnected()) launch();
    }

    /** One browser for all classes of a process; every test has a context of its own in it. */
    private static void launch() {
        Playwright playwright = Playwright.create();
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(FLAGS));
    }

    @AfterAll
    static void close() {
        app.close();
    }

    @BeforeEach
    void openPage() {
        context = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
        page = context.newPage();
    }

    /** Goes on with a screen that is touched. */
    protected void openTouchScreen() {
        context.close();
        context = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(820, 1180).setHasTouch(true));
        page = context.newPage();
    }

    @AfterEach
    void closePage() {
        context.close();
    }

    /** Ends the server as a power cut would and starts it again over the same data. */
    protected void restartServer() {
        app.kill();
        app = RunningApp.start(data);
    }

    protected RunningApp app() {
        return app;
    }

    protected void go(String path) {
        page.navigate(app.url(path));
    }

    protected com.microsoft.playwright.Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected com.microsoft.playwright.Locator link(String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    protected com.microsoft.playwright.Locator region(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    /** The figures on the ribbon of a routine. */
    protected com.microsoft.playwright.Locator figures() {
        return page.getByRole(AriaRole.LISTBOX, new Page.GetByRoleOptions().setName("Figures of the routine"))
                .getByRole(AriaRole.OPTION);
    }

    /** A field to choose from a list, by its label. */
    protected com.microsoft.playwright.Locator choice(String name) {
        return page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A field to type in, by its label. */
    protected com.microsoft.playwright.Locator field(String name) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    protected com.microsoft.playwright.Locator cell(String name) {
        return page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
