package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** An evening of a class, from who came to the last round. */
class ClassIT extends BrowserTest {
    private static final int ROUNDS = 8;
    private static final int ELEVEN = 11;

    private JsonNode get(String path) throws IOException {
        return new ObjectMapper().readTree(app().send("GET", path, null).body());
    }

    private void begin() {
        go("/classes");
        button("New evening").click();
        choice("Whose course").selectOption("Thursday class");
        button("Begin").click();
        assertThat(region("Who is here")).containsText("11: 4 man, 5 lady, 2 either");
    }

    private Locator presence(String name) {
        return page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(name + " is here"));
    }

    private List<String> rounds() {
        Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rounds"));
        return list.locator("> li").allInnerTexts();
    }

    /** A round lasts as long as its music, and longer where a busy machine is late to see its end. */
    private void title(String words) {
        assertThat(page.getByText(words, new Page.GetByTextOptions().setExact(true)))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
    }

    private Locator partners(String title) {
        return page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName(title).setExact(true))
                .getByRole(AriaRole.LIST);
    }

    /** The round under way, begun and called over by keys; those who were to dance next do. */
    private void danceRound(int number) {
        title("Round " + number);
        assertThat(button("Begin the round (space)")).isEnabled();
        page.keyboard().press("Space");
        assertThat(button("Break off (space)")).isVisible();
        String next = number < ROUNDS ? partners("Next").textContent() : "";
        page.keyboard().press("Enter");
        assertThat(button("Break off (space)")).isHidden();
        if (number == ROUNDS) return;
        title("Round " + (number + 1));
        assertThat(partners("Next partners")).hasText(next);
    }

    @Test
    void elevenOverEightRoundsWithOneWhoComesLate() throws IOException {
        begin();
        presence("Lorne Cass").uncheck();
        assertThat(region("Who is here")).containsText("10: 4 man, 4 lady, 2 either");
        assertThat(page.getByText("waits:")).hasCount(0);
        link("On the floor").click();
        danceRound(1);
        danceRound(2);
        title("Round 3");
        link("to the class").click();
        assertThat(button("Round 3 was danced")).isVisible();
        List<String> before = rounds();
        presence("Lorne Cass").check();
        assertThat(region("Who is here")).containsText("came before round 3");
        assertThat(page.getByText("waits:")).hasCount(ROUNDS - 2);
        Assertions.assertThat(rounds().subList(0, 2)).isEqualTo(before.subList(0, 2));
        link("On the floor").click();
        for (int round = 3; round <= ROUNDS; round++) danceRound(round);
        title("The evening is danced");
        link("to the class").click();
        assertThat(button("Round 8 was not")).isVisible();
        String id = page.url().replaceFirst(".*/classes/", "");
        JsonNode evening = get("/api/classes/" + id).get("document");
        Map<String, Integer> waits = new HashMap<>();
        List<String> pairs = new ArrayList<>();
        for (JsonNode round : evening.get("danced")) {
            round.get("waiting").forEach(one -> waits.merge(one.asText(), 1, Integer::sum));
            round.get("pairs").forEach(pair -> pairs.add(pair.get("man").asText() + pair.get("lady")));
        }
        Assertions.assertThat(evening.get("danced")).hasSize(ROUNDS);
        Assertions.assertThat(evening.get("people")).hasSize(ELEVEN);
        Assertions.assertThat(pairs).hasSize(ROUNDS * 5);
        Assertions.assertThat(waits)
                .hasSize(ROUNDS - 2)
                .allSatisfy((who, count) -> Assertions.assertThat(count).isEqualTo(1));
    }

    @Test
    void theSameIsDancedAgainSlowerAndWhatIsBrokenOffIsNotWrittenDown() throws IOException {
        begin();
        String id = page.url().replaceFirst(".*/classes/", "");
        page.getByLabel("Bars a minute").first().fill("30");
        page.getByLabel("Bars a minute").first().press("Tab");
        assertThat(page.getByText("Kept.")).isVisible();
        link("On the floor").click();
        title("Round 1");
        assertThat(button("Same again slower (s)")).isDisabled();
        assertThat(button("Begin the round (space)")).isEnabled();
        page.keyboard().press("Space");
        button("Break off (space)").click();
        title("Round 1");
        danceRound(1);
        title("Round 2");
        page.keyboard().press("s");
        title("Again, slower");
        assertThat(region("The same partners")).isVisible();
        assertThat(page.getByText("28 bars a minute")).isVisible();
        page.keyboard().press("s");
        assertThat(page.getByText("26 bars a minute")).isVisible();
        page.keyboard().press("Space");
        page.keyboard().press("Enter");
        title("Round 2");
        link("to the class").click();
        assertThat(button("Round 2 was danced")).isVisible();
        Assertions.assertThat(get("/api/classes/" + id).at("/document/danced")).hasSize(1);
    }

    @Test
    void aRoundEndsByItselfWhenItHasBeenDancedOften() throws IOException {
        begin();
        String id = page.url().replaceFirst(".*/classes/", "");
        page.getByLabel("Danced in each").fill("2");
        page.getByLabel("Danced in each").press("Tab");
        page.getByLabel("Bars a minute").first().fill("36");
        page.getByLabel("Bars a minute").first().press("Tab");
        assertThat(page.getByText("Kept.")).isVisible();
        link("On the floor").click();
        title("Round 1");
        assertThat(page.getByText("36 bars a minute")).isVisible();
        assertThat(button("Begin the round (space)")).isEnabled();
        page.keyboard().press("Space");
        assertThat(page.getByLabel("Clock of the round")).hasText(Pattern.compile("0:0\\d"));
        title("Round 2");
        link("to the class").click();
        assertThat(button("Round 2 was danced")).isVisible();
        Assertions.assertThat(
                        get("/api/classes/" + id).at("/document/danced/0/tempo").asInt())
                .isEqualTo(36);
    }

    @Test
    void keptApartTheyNeverDanceAndADrillGoesIntoTheEvening() {
        begin();
        choice("One of two").selectOption("Abel Storr");
        choice("The other of two").selectOption("Dilys Penn");
        button("Apart").click();
        assertThat(page.getByText("Abel Storr and Dilys Penn apart")).isVisible();
        choice("One of two").selectOption("Dilys Penn");
        choice("The other of two").selectOption("Abel Storr");
        assertThat(button("Together")).isDisabled();
        assertThat(page.getByText(Pattern.compile("Abel · Dilys"))).hasCount(0);
        String evening = page.url();
        assertThat(page.getByText("Kept.")).isVisible();
        go("/drills");
        link("Turning by degrees").first().click();
        button("Put into…").click();
        region("Classes")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Thursday class")))
                .first()
                .click();
        assertThat(page.getByText("It is in:")).isVisible();
        page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LINK).click();
        assertThat(region("What is danced")).containsText("Turning by degrees");
        Assertions.assertThat(evening).contains("/classes/");
    }

    @Test
    void aRoundGoesOtherwiseAndAnotherWindowIsAskedAbout() throws IOException {
        begin();
        String id = page.url().replaceFirst(".*/classes/", "");
        button("Round 1 otherwise").click();
        page.getByLabel("to the other side").check();
        page.keyboard().press("Escape");
        assertThat(page.getByLabel("to the other side")).isHidden();
        assertThat(page.getByText("other side")).isVisible();
        assertThat(page.getByText("Kept.")).isVisible();
        link("On the floor").click();
        assertThat(page.getByText("12 times, other side")).isVisible();
        JsonNode kept = get("/api/classes/" + id);
        ObjectNode other = ((ObjectNode) kept.get("document").deepCopy()).put("where", "Hall three");
        ObjectNode save = new ObjectMapper()
                .createObjectNode()
                .put("expectedVersion", kept.get("version").asLong());
        Assertions.assertThat(app().send(
                                "PUT",
                                "/api/classes/" + id,
                                save.set("document", other).toString())
                        .statusCode())
                .isEqualTo(200);
        danceRound(1);
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Hall three");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep mine"))
                .click();
        title("Round 2");
        assertThat(page.getByText("Kept.")).isVisible();
        Assertions.assertThat(get("/api/classes/" + id).at("/document/danced")).hasSize(1);
    }
}
