package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A studio that knows nobody yet. */
class EmptyStudioIT extends BrowserTest {
    private void forgetEverybody() throws Exception {
        com.fasterxml.jackson.databind.ObjectMapper mapper = new com.fasterxml.jackson.databind.ObjectMapper();
        for (String kind : new String[] {"lessons", "groups", "couples", "dancers"}) {
            var lines = mapper.readTree(app().send("GET", "/api/" + kind + "?limit=500", null)
                            .body())
                    .get("lines");
            for (var line : lines)
                app().send("DELETE", "/api/" + kind + "/" + line.get("id").asText(), null);
        }
    }

    @Test
    void threeThingsToDoLeadToTheFirstLesson() throws Exception {
        forgetEverybody();
        go("/");
        Locator ways = region("Three ways in");
        assertThat(ways).containsText("Three things to do");
        assertThat(ways.getByRole(AriaRole.LISTITEM)).hasCount(3);
        assertThat(page.getByLabel("What was seen, taught or promised")).hasCount(0);
        link("Begin with a couple").click();
        assertThat(page.getByText("Nobody yet")).isVisible();
        go("/lessons");
        assertThat(page.getByText("No lesson in this week")).isVisible();
        button("New lesson").click();
        assertThat(page.getByText("There is nobody to teach yet")).isVisible();
        go("/people?of=groups");
        assertThat(page.getByText("No group yet")).isVisible();
        go("/people?of=dancers");
        assertThat(page.getByText("No dancer yet")).isVisible();
        go("/people");
        button("New couple").click();
        page.getByLabel("Who dances lady").fill("Runa");
        button("Begin").click();
        assertThat(page.getByText("Nothing seen yet")).isVisible();
        link("Begin one").first().click();
        button("Begin").click();
        assertThat(page.getByText("No plan yet")).isVisible();
        button("Propose a plan").click();
        assertThat(page.getByText("45 of 45 minutes")).isVisible();
    }
}
