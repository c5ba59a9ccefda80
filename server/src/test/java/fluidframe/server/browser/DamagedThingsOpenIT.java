package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.options.AriaRole;
import fluidframe.server.hostile.Damage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whatever the server accepts opens, however odd, and nothing is written to the console. */
class DamagedThingsOpenIT extends OpeningTest {
    private static final int ODD_OF_A_KIND = 100;
    private static final int MOST_TRIES = 4000;

    private final Damage damage = new Damage(3);
    private int windows;

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
        listen(false);
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
        isSilent();
    }

    @Test
    void aHundredOddRoutines() throws IOException {
        listen(false);
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
        isSilent();
    }

    @Test
    void twoVariantsWithTheSameFindingOpen() throws IOException {
        listen(true);
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
        isSilent();
        button("Discard changes").click();
    }

    @Test
    void aLineThatCannotBeReadIsToldAtItsPlaceAndTheRestWorks() throws IOException {
        listen(true);
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

    /** A draft from a window of its own: of one window the server takes only what is newer. */
    private ObjectNode draft() {
        ObjectNode draft = MAPPER.createObjectNode().put("baseVersion", 0);
        draft.putObject("sent").put("window", "test" + windows++).put("number", 1);
        return draft;
    }

    private static String id(String body) {
        try {
            return MAPPER.readTree(body).get("id").asText();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
