package fluidframe.server.sharing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.access.Visitors;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** What devices read of the demo studio. */
class SharedApiTest extends SharedCalls {
    private static List<String> ids(JsonNode things) {
        List<String> ids = new ArrayList<>();
        things.forEach(thing -> ids.add(thing.get("id").asText()));
        return ids;
    }

    @Test
    void aCouplesDeviceSeesItsRoutinesAndThoseOfNobodyAndNotThoseOfOthers() throws Exception {
        String others = routineOf("Of others", true);
        String nobodys = routineOf("Of nobody", false);
        JsonNode seen = call(200, get("/api/shared").with(phone), null);
        assertThat(ids(seen.get("routines"))).contains(MINE, nobodys).doesNotContain(others);
        assertThat(ids(seen.get("practices"))).containsExactly(practice);
        assertThat(seen.get("classes")).isEmpty();
        for (String path : List.of(
                "/api/motion/routines/%s", "/api/handouts/part/%s?role=man", "/api/practice-cards/routine/%s")) {
            assertThat(status(path.formatted(others), phone)).isEqualTo(403);
            assertThat(status(path.formatted(MINE), phone)).isEqualTo(200);
            assertThat(status(path.formatted(nobodys), phone)).isEqualTo(200);
            assertThat(status(path.formatted(others), screen)).isEqualTo(200);
        }
        assertThat(ids(call(200, get("/api/shared").with(screen), null).get("routines")))
                .contains(MINE, nobodys, others);
    }

    private int status(String path, RequestPostProcessor who) throws Exception {
        return mvc.perform(get(path).with(who)).andReturn().getResponse().getStatus();
    }

    @Test
    void whatIsOfTheDeskStaysThereWhateverTheAddressIsMadeOf() throws Exception {
        String lesson =
                call(200, get("/api/lessons?limit=1"), null).at("/lines/0/id").asText();
        String event = call(200, get("/api/events"), null).at("/lines/0/id").asText();
        for (RequestPostProcessor who : List.of(phone, screen, Visitors.stranger())) {
            for (String path : List.of(
                    "/api/handouts/lesson/" + lesson,
                    "/api/handouts/routine/" + MINE + "?with=" + event,
                    "/api/lessons/" + lesson,
                    "/api/log?kind=routine&id=" + MINE,
                    "/api/records/" + couple,
                    "/api/dancers",
                    "/api/couples/" + couple,
                    "/api/routines/" + MINE,
                    "/api/figures/waltz.whisk",
                    "/%61pi/dancers",
                    "/api/dancers/",
                    "/api;x=1/dancers",
                    "/api/handouts/../dancers",
                    "/api/nothing",
                    "/v3/api-docs")) {
                assertThat(mvc.perform(get(java.net.URI.create(path)).with(who))
                                .andReturn()
                                .getResponse()
                                .getStatus())
                        .as(path)
                        .isIn(400, 401, 403);
            }
        }
        assertThat(status("/api/handouts/practice/" + practice, phone)).isEqualTo(200);
        assertThat(status("/api/practice-cards/practice/" + practice, phone)).isEqualTo(200);
        assertThat(status("/api/handouts/practice/" + practice, screen)).isEqualTo(403);
    }

    @Test
    void onlyTheClassOfTodayIsOnTheStudiosScreens() throws Exception {
        List<String> ids = new ArrayList<>();
        for (int days = -1; days <= 1; days++) {
            ids.add(call(201, post("/api/classes"), evening(TODAY.plusDays(days)))
                    .get("id")
                    .asText());
        }
        assertThat(status("/api/shared/classes/" + ids.get(0), screen)).isEqualTo(403);
        assertThat(call(200, get("/api/shared/classes/" + ids.get(1)).with(screen), null)
                        .get("rounds"))
                .hasSize(3);
        assertThat(status("/api/shared/classes/" + ids.get(2), screen)).isEqualTo(403);
        assertThat(status("/api/shared/classes/" + ids.get(1), phone)).isEqualTo(403);
        assertThat(ids(call(200, get("/api/shared").with(screen), null).get("classes")))
                .contains(ids.get(1))
                .doesNotContain(ids.get(0), ids.get(2));
    }

    private ObjectNode evening(LocalDate day) {
        return mapper.createObjectNode().put("at", day + "T19:00").put("rounds", 3);
    }
}
