package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import fluidframe.server.hostile.Damage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whatever the server has or accepts opens, and nothing is written to the console. */
class EverythingOpensIT extends BrowserTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int ODD_OF_A_KIND = 100;
    private static final int MOST_TRIES = 4000;

    private final Damage damage = new Damage(3);
    private Console console;

    private JsonNode get(String path) throws IOException {
        return MAPPER.readTree(app().send("GET", path, null).body());
    }

    private Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
    }

    /** Opens a page and sees that it shows something; a view that cannot be drawn says so on the console. */
    private void opens(String path) {
        go(path);
        shows();
    }

    /** Goes on from page to page as a link does, which does not load the application anew. */
    private void goesOnTo(String path) {
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

    @Test
    void everyShippedFigureInEveryVariant() throws IOException {
        console = Console.of(page, true);
        int variants = 0;
        List<JsonNode> figures = new ArrayList<>();
        get("/api/figures?dance=all").forEach(figures::add);
        opens("/figures");
        for (JsonNode figure : figures) {
            String id = figure.get("id").asText();
            goesOnTo("/figures/" + id);
            assertThat(heading()).hasText(figure.get("name").asText());
            for (JsonNode variant : get("/api/figures/" + id).at("/document/variants")) {
                page.waitForResponse(
                        answer -> answer.url().contains("/api/work")
                                && answer.url().contains("variant="),
                        () -> choice("variant").selectOption(variant.get("id").asText()));
                assertThat(region("Spine")).isVisible();
                variants++;
            }
        }
        assertThat(figures).hasSizeGreaterThan(250);
        assertThat(variants).isGreaterThan(5);
        assertThat(console.lines()).isEmpty();
    }

    @Test
    void everyRoutineSongAndEventOfTheDemoAndEveryPlace() throws IOException {
        console = Console.of(page, true);
        for (JsonNode dance : get("/api/dances")) {
            for (JsonNode routine :
                    get("/api/routines?dance=" + dance.get("id").asText()).get("lines")) {
                opens("/routines/" + routine.get("id").asText());
                assertThat(figures().first()).isVisible();
            }
        }
        for (JsonNode song : get("/api/songs").get("lines"))
            opens("/songs/" + song.get("id").asText());
        for (JsonNode event : get("/api/events").get("lines"))
            opens("/events/" + event.get("id").asText());
        for (String kind : List.of("dancers", "lessons", "drills", "cards")) {
            for (JsonNode one : get("/api/" + kind + "?limit=14").get("lines"))
                opens("/" + kind + "/" + one.get("id").asText());
        }
        for (String kind : List.of("couples", "groups")) {
            for (JsonNode one : get("/api/" + kind).get("lines"))
                opens("/people/" + one.get("id").asText());
        }
        for (String place : List.of(
                "",
                "people?of=groups",
                "people?of=dancers",
                "drills?of=cards",
                "compare",
                "coverage",
                "drills",
                "elements",
                "events",
                "figures",
                "lessons",
                "links",
                "lists",
                "people",
                "rehearse",
                "routines",
                "rules",
                "sheet",
                "songs",
                "sounds",
                "strips")) {
            opens("/" + place);
        }
        assertThat(console.lines()).isEmpty();
    }

    /** What is kept of a damaged document, if the server takes it. */
    private interface Keeping {
        boolean keep(JsonNode odd);
    }

    private int keepOdd(JsonNode good, Keeping keeping) {
        int kept = 0;
        for (int tries = 0; kept < ODD_OF_A_KIND && tries < MOST_TRIES; tries++) {
            if (keeping.keep(damage.changed(good))) kept++;
        }
        return kept;
    }

    @Test
    void aHundredOddCharts() throws IOException {
        console = Console.of(page, false);
        List<String> ids = new ArrayList<>();
        get("/api/figures?dance=all").forEach(figure -> ids.add(figure.get("id").asText()));
        List<JsonNode> good = new ArrayList<>();
        for (String rich :
                List.of("waltz.whisk", "cha-cha.natural-top", "tango.open-promenade", "waltz.turning-lock")) {
            good.add(get("/api/figures/" + rich).get("document"));
        }
        opens("/figures");
        for (int i = 0; i < ODD_OF_A_KIND; i++) {
            ObjectNode draft = draft();
            draft.set("document", damage.changed(good.get(i % good.size())));
            int status = app().send("PUT", "/api/figures/" + ids.get(i) + "/draft", draft.toString())
                    .statusCode();
            if (status == 204) goesOnTo("/figures/" + ids.get(i));
            else assertThat(status).isIn(400, 422);
        }
        assertThat(console.lines()).isEmpty();
    }

    @Test
    void aHundredOddRoutines() throws IOException {
        console = Console.of(page, false);
        JsonNode good = get("/api/routines/"
                        + get("/api/routines?dance=rumba")
                                .at("/lines/0")
                                .get("id")
                                .asText())
                .get("document");
        opens("/routines");
        int opened = keepOdd(good, odd -> {
            var answer = app().send("POST", "/api/routines", odd.toString());
            if (answer.statusCode() != 201) return false;
            goesOnTo("/routines/" + id(answer.body()));
            return true;
        });
        assertThat(opened).isEqualTo(ODD_OF_A_KIND);
        assertThat(console.lines()).isEmpty();
    }

    private static ObjectNode draft() {
        ObjectNode draft = MAPPER.createObjectNode().put("baseVersion", 0);
        draft.putObject("sent").put("window", "test").put("number", 1);
        return draft;
    }

    private static String id(String body) {
        try {
            return MAPPER.readTree(body).get("id").asText();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void twoVariantsWithTheSameFindingOpen() throws IOException {
        console = Console.of(page, true);
        ObjectNode chart = (ObjectNode) get("/api/figures/waltz.whisk").get("document");
        ((ObjectNode) chart.at("/man/1")).put("turn", "1/8 R");
        for (String id : List.of("one", "two", "one")) {
            ObjectNode variant = chart.withArray("variants")
                    .addObject()
                    .put("id", id)
                    .put("name", "Same")
                    .put("keep", 0);
            variant.set("man", chart.get("man").deepCopy());
            variant.set("lady", chart.get("lady").deepCopy());
        }
        ObjectNode draft = draft();
        draft.set("document", chart);
        assertThat(app().send("PUT", "/api/figures/waltz.whisk/draft", draft.toString())
                        .statusCode())
                .isEqualTo(204);
        opens("/figures/waltz.whisk");
        assertThat(page.getByText("In the variant").first()).isVisible();
        assertThat(console.lines()).isEmpty();
        button("Discard changes").click();
    }

    @Test
    void aViewThatCannotBeDrawnLeavesTheOtherPlacesAndOpensAsText() {
        page.route(
                "**/api/figures/waltz.wing",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setResponse(route.fetch())
                        .setBody(route.fetch().text().replace("\"findings\":[", "\"findings\":null,\"gone\":["))));
        go("/figures/waltz.wing");
        assertThat(heading()).hasText("This could not be drawn");
        button("Open its text").click();
        assertThat(page.getByLabel("The figure as it is kept")).hasValue(Pattern.compile("\"id\": \"waltz.wing\""));
        link("Routines").click();
        assertThat(heading()).containsText("outines");
    }

    @Test
    void aLineThatCannotBeReadIsToldAtItsPlaceAndTheRestWorks() throws IOException {
        console = Console.of(page, true);
        ObjectNode chart =
                (ObjectNode) get("/api/figures/tango.progressive-side-step").get("document");
        ObjectNode option = chart.putArray("options")
                .addObject()
                .put("id", "soft")
                .put("name", "Soft")
                .put("says", "");
        option.putArray("edits")
                .addObject()
                .put("role", "man")
                .put("step", 1)
                .put("key", "hat")
                .put("text", "red");
        chart.putArray("parts").addObject().put("steps", "1-2");
        ObjectNode draft = draft();
        draft.set("document", chart);
        app().send("PUT", "/api/figures/tango.progressive-side-step/draft", draft.toString());
        opens("/figures/tango.progressive-side-step");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Options 1, “Soft” cannot be read");
        assertThat(cell("Man 1 foot")).hasValue(chart.at("/man/0/foot").asText());
        cell("Man 1 turn").fill("1r");
        cell("Man 1 turn").press("Enter");
        assertThat(page.getByText("0 broken")).isHidden();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Options 1");
        button("Discard changes").click();
    }
}
