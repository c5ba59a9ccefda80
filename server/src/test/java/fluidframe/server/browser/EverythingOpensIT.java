package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Route;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whatever the server has opens, and nothing is written to the console. */
class EverythingOpensIT extends OpeningTest {
    /** Of the shipped figures without variants one in so many is opened; {@code -Dopens.every=1} opens all. */
    private static final int EVERY = Integer.getInteger("opens.every", 4);

    @Test
    void shippedFiguresInEveryVariant() throws IOException {
        listen(true);
        int variants = 0;
        List<JsonNode> figures = new ArrayList<>();
        get("/api/figures?dance=all").forEach(figures::add);
        opens("/figures");
        for (int nth = 0; nth < figures.size(); nth++) {
            JsonNode figure = figures.get(nth);
            String id = figure.get("id").asText();
            JsonNode own = get("/api/figures/" + id).at("/document/variants");
            if (own.isEmpty() && nth % EVERY != 0) continue;
            goesOnTo("/figures/" + id);
            assertThat(heading()).hasText(figure.get("name").asText());
            for (JsonNode variant : own) {
                page.waitForResponse(
                        answer -> answer.url().contains("/api/work")
                                && answer.url().contains("variant="),
                        () -> choice("variant").selectOption(variant.get("id").asText()));
                assertThat(region("Spine")).isVisible();
                variants++;
            }
        }
        assertThat(figures).hasSizeGreaterThan(350);
        assertThat(variants).isGreaterThan(5);
        isSilent();
    }

    @Test
    void everyRoutineSongAndEventOfTheDemoAndEveryPlace() throws IOException {
        listen(true);
        opens("/routines");
        for (JsonNode dance : get("/api/dances")) {
            for (JsonNode routine :
                    get("/api/routines?dance=" + dance.get("id").asText()).get("lines")) {
                goesOnTo("/routines/" + routine.get("id").asText());
                assertThat(figures().first()).isVisible();
            }
        }
        for (JsonNode song : get("/api/songs").get("lines"))
            goesOnTo("/songs/" + song.get("id").asText());
        for (JsonNode event : get("/api/events").get("lines"))
            goesOnTo("/events/" + event.get("id").asText());
        for (String kind : List.of("dancers", "lessons", "drills", "cards")) {
            for (JsonNode one : get("/api/" + kind + "?limit=14").get("lines"))
                goesOnTo("/" + kind + "/" + one.get("id").asText());
        }
        for (JsonNode one : get("/api/practices").get("lines"))
            goesOnTo("/practice/" + one.get("id").asText());
        for (JsonNode one : get("/api/classes").get("lines")) {
            goesOnTo("/classes/" + one.get("id").asText());
            goesOnTo("/classes/" + one.get("id").asText() + "/floor");
        }
        for (String kind : List.of("couples", "groups")) {
            for (JsonNode one : get("/api/" + kind).get("lines"))
                goesOnTo("/people/" + one.get("id").asText());
        }
        for (String place : List.of(
                "",
                "people?of=groups",
                "people?of=dancers",
                "drills?of=cards",
                "classes",
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
                "practice",
                "recall",
                "rehearse",
                "routines",
                "rules",
                "sheet",
                "songs",
                "sounds",
                "strips")) {
            goesOnTo("/" + place);
        }
        isSilent();
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
}
