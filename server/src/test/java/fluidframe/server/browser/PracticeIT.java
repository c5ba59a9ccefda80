package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Practice until an event: planned, opened on the stage, done, missed and planned anew. */
class PracticeIT extends BrowserTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final LocalDate TODAY = LocalDate.now();

    private JsonNode send(String method, String path, JsonNode body) throws IOException {
        return MAPPER.readTree(
                app().send(method, path, body == null ? null : body.toString()).body());
    }

    private String couple(String man, String lady) throws IOException {
        ObjectNode couple =
                MAPPER.createObjectNode().put("name", man + " and " + lady).put("role", "man");
        for (String name : List.of(man, lady))
            couple.withArray("dancers")
                    .add(send("POST", "/api/dancers", MAPPER.createObjectNode().put("name", name + " Test"))
                            .get("id")
                            .asText());
        return send("POST", "/api/couples", couple).get("id").asText();
    }

    private void jot(String line) throws IOException {
        send("POST", "/api/jottings", MAPPER.createObjectNode().put("line", line));
    }

    private ObjectNode practice(String couple, String name, int minutes) {
        ObjectNode practice = MAPPER.createObjectNode();
        practice.putObject("with").put("kind", "couple").put("id", couple).put("name", name);
        practice.putObject("aim")
                .put("name", "Medal test")
                .put("day", TODAY.plusDays(11).toString());
        for (String day : List.of("monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"))
            practice.withObject("/week").put(day, minutes);
        for (String figure : List.of("Whisk", "Natural Turn", "Reverse Turn", "Chasse from Promenade"))
            practice.withArray("wanted")
                    .addObject()
                    .put("kind", "figure")
                    .put("id", "waltz." + figure.toLowerCase(Locale.ROOT).replace(' ', '-'))
                    .put("name", figure)
                    .put("emphasis", "usual");
        return practice;
    }

    private Locator day() {
        return region("The day");
    }

    @Test
    void aLadderGoesFromThePlanToTheStageToTheLogAndIsDone() throws IOException {
        String couple = couple("Orrin", "Selma");
        jot("orrin selma waltz whisk clean at 24");
        jot("orrin selma waltz whisk 2 lady late, listen");
        go("/practice?with=" + couple);
        choice("Who practises").selectOption("Orrin and Selma");
        field("What is on that day").fill("Medal \"test\" & tea");
        button("Plan it").click();
        assertThat(page.getByText("They work on nothing yet")).isVisible();
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Another figure"))
                .fill("waltz whisk");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^Whisk")))
                .first()
                .click();
        assertThat(day()).containsText("late (lady, step 2, 1 of 2 runs): listen");
        assertThat(day()).containsText(Pattern.compile("24 to 25 bars a minute"));
        day().getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Dance it"))
                .click();
        assertThat(page.getByText("Ladder: 0 of 2 clean")).isVisible();
        assertThat(page.getByLabel("For whom")).hasValue("Orrin and Selma");
        assertThat(region("The step")).containsText("step 2");
        page.keyboard().press("l");
        assertThat(region("Seen")).containsText("2 of 3 runs clean");
        link("to the practice").click();
        Locator done = day().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done: Whisk"));
        done.click();
        assertThat(done).hasAttribute("aria-pressed", "true");
        assertThat(day()).containsText("1 of 1 done");
        assertThat(page.getByText("Kept.")).isVisible();
        JsonNode line = send("GET", "/api/records/" + couple + "/log", null).at("/lines/0");
        Assertions.assertThat(line.toString()).contains("\"tempo\":24");
        page.reload();
        assertThat(done).hasAttribute("aria-pressed", "true");
        page.keyboard().press("Control+z");
    }

    @Test
    void aMissedDayIsSaidAndTheRestPlannedAnewWhichCanBeTakenBack() throws IOException {
        String couple = couple("Ludo", "Petra");
        JsonNode planned = send(
                        "POST",
                        "/api/practice-plans?today=" + TODAY.minusDays(1),
                        practice(couple, "Ludo and Petra", 15))
                .get("document");
        String id = send("POST", "/api/practices", planned).get("id").asText();
        go("/practice/" + id);
        Locator notice = page.getByText("Nothing was said of");
        assertThat(notice).isVisible();
        button("Missed: plan the rest anew").click();
        assertThat(notice).isHidden();
        assertThat(region("What gave way")).containsText("fewer than planned");
        button("Undo").click();
        assertThat(notice).isVisible();
        button("They were danced").click();
        assertThat(notice).isHidden();
        assertThat(page.getByText("Kept.")).isVisible();
        JsonNode kept = send("GET", "/api/practices/" + id, null).get("document");
        Assertions.assertThat(kept.at("/days/0/parts").toString()).contains("\"state\":\"done\"");
        page.reload();
        assertThat(region("Until the event")).isVisible();
        assertThat(notice).isHidden();
    }

    @Test
    void minutesOfADayAndWhatIsWantedChangeThePlanAtOnce() throws IOException {
        String couple = couple("Idris", "Noor");
        JsonNode planned = send("POST", "/api/practice-plans?today=" + TODAY, practice(couple, "Idris and Noor", 30))
                .get("document");
        String id = send("POST", "/api/practices", planned).get("id").asText();
        go("/practice/" + id);
        assertThat(day()).containsText("30 minutes");
        Locator only = page.getByRole(
                AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^On .* only")));
        only.fill("60");
        only.press("Enter");
        assertThat(day()).containsText("60 minutes");
        choice("How much of Whisk").selectOption("not now");
        assertThat(day()).not().containsText("Whisk");
        choice("How much of Whisk").selectOption("more");
        assertThat(region("Until the event")).containsText("Whisk");
        page.getByLabel("Minutes on Monday").fill("481");
        page.getByLabel("Minutes on Monday").press("Tab");
        assertThat(page.getByText("Kept.")).isVisible();
        Assertions.assertThat(send("GET", "/api/practices/" + id, null)
                        .at("/document/week/monday")
                        .asInt())
                .isEqualTo(30);
    }
}
