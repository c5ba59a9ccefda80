package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;

/** What tests need that open one page after another and hear what the console says. */
abstract class OpeningTest extends BrowserTest {
    protected static final ObjectMapper MAPPER = new ObjectMapper();

    private Console console;

    /**
     * From here on every line on the console counts.
     *
     * @param refusals whether answers other than success, which the browser writes there by itself, count as well
     */
    protected void listen(boolean refusals) {
        console = Console.of(page, refusals);
    }

    protected void isSilent() {
        assertThat(console.lines()).isEmpty();
    }

    protected JsonNode get(String path) throws IOException {
        return MAPPER.readTree(app().send("GET", path, null).body());
    }

    protected Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    /** Opens a page and sees that it shows something; a view that cannot be drawn says so on the console. */
    protected void opens(String path) {
        go(path);
        shows();
    }

    /** Goes on from page to page as a link does, which does not load the application anew. */
    protected void goesOnTo(String path) {
        page.evaluate(
                "path => { const link = document.body.appendChild(Object.assign(document.createElement('a'), {href: path}));"
                        + " link.click(); link.remove(); }",
                path);
        page.waitForURL("**" + path);
        shows();
    }

    private void shows() {
        assertThat(heading()).isVisible();
        assertThat(console.lines()).isEmpty();
    }
}
