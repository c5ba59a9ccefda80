package fluidframe.server.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

class PracticeCardApiTest extends ApiCalls {
    private static final Pattern PAYLOAD = Pattern.compile("id=\"payload\">([A-Za-z0-9+/=]+)<");

    private MockHttpServletResponse answer(String path) throws Exception {
        return mvc.perform(get("/api/practice-cards/" + path)).andReturn().getResponse();
    }

    private JsonNode card(String path) throws Exception {
        MockHttpServletResponse response = answer(path);
        assertThat(response.getStatus()).as(path).isEqualTo(200);
        byte[] page = response.getContentAsByteArray();
        assertThat(page.length).isLessThan(PracticeCards.MOST_BYTES + 1);
        Matcher payload = PAYLOAD.matcher(new String(page, StandardCharsets.UTF_8));
        assertThat(payload.find()).isTrue();
        byte[] packed = Base64.getDecoder().decode(payload.group(1));
        return mapper.readTree(new GZIPInputStream(new ByteArrayInputStream(packed)).readAllBytes());
    }

    @Test
    void aFigureBringsItsMotionItsBandAndTheWordsForTheRoles() throws Exception {
        JsonNode card = card("figure/waltz.natural-turn?roles=leader-follower");
        assertThat(card.at("/pieces/0/motion/dancers")).hasSize(2);
        assertThat(card.at("/bands/waltz/phrase").size()).isPositive();
        assertThat(card.at("/roles/man").asText()).isEqualTo("leader");
        assertThat(card.at("/tasks")).isEmpty();
    }

    /** Each task can be ticked by itself, also where two are alike, and dances what it names. */
    @Test
    void aWeekOfPracticeIsThereTaskByTask() throws Exception {
        String id = call(200, get("/api/practices"), null).at("/lines/0/id").asText();
        JsonNode card = card("practice/" + id);
        Set<String> keys = new HashSet<>();
        assertThat(card.get("tasks").size()).isGreaterThan(5);
        for (JsonNode task : card.get("tasks")) {
            assertThat(keys.add(task.get("key").asText())).isTrue();
            if (task.has("piece"))
                assertThat(card.at("/pieces/" + task.get("piece").asInt() + "/name")
                                .asText())
                        .isEqualTo(task.get("name").asText());
        }
        assertThat(card.get("leftOut")).isEmpty();
    }

    /** The longest routine there can be: a card within its size, or a sentence. */
    @Test
    void aCardIsNeverTooLarge() throws Exception {
        ObjectNode routine = (ObjectNode)
                call(200, get("/api/routines/long-floor-waltz"), null).get("document");
        ArrayNode figures = (ArrayNode) routine.get("figures");
        for (int i = 0; figures.size() < 200; i++) figures.add(figures.get(i).deepCopy());
        String id = call(201, post("/api/routines"), routine.put("name", "Two hundred"))
                .get("id")
                .asText();
        MockHttpServletResponse response = answer("routine/" + id);
        if (response.getStatus() == 200)
            assertThat(card("routine/" + id).get("pieces")).hasSize(1);
        else assertThat(response.getContentAsString()).contains("too long for a practice card");
    }

    @Test
    void whatCannotBeDancedIsRefused() throws Exception {
        assertThat(answer("figure/none").getStatus()).isEqualTo(404);
        assertThat(answer("practice/none").getStatus()).isEqualTo(404);
        assertThat(answer("song/lantern-hill").getStatus()).isEqualTo(422);
    }
}
