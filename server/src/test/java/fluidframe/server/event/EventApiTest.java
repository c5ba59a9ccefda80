package fluidframe.server.event;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class EventApiTest extends ApiCalls {
    private ObjectNode event(String level) {
        ObjectNode event = mapper.createObjectNode()
                .put("name", "Spring cup")
                .put("note", "")
                .put("list", "starter")
                .put("level", level)
                .put("leastSeconds", 90)
                .put("mostSeconds", 120)
                .put("length", 24)
                .put("width", 14)
                .put("freeElements", false);
        event.putArray("dances")
                .add(mapper.createObjectNode()
                        .put("dance", "waltz")
                        .put("slowest", 28)
                        .put("fastest", 30));
        event.putArray("barred");
        event.putArray("barredHolds");
        return event;
    }

    private String routine(String name) throws Exception {
        for (JsonNode summary : call(200, get("/api/routines"), null).get("lines")) {
            if (summary.get("name").asText().startsWith(name))
                return summary.get("id").asText();
        }
        throw new AssertionError("No routine " + name);
    }

    private static List<String> broken(JsonNode report) {
        List<String> about = new ArrayList<>();
        for (JsonNode line : report.get("lines")) {
            if (line.get("verdict").asText().equals("broken"))
                about.add(line.get("about").asText());
        }
        return about;
    }

    @Test
    void passesTheCircuitAndFailsThePuzzleForItsJoins() throws Exception {
        String highest = highestLevel();
        String path = "/api/events/"
                + call(201, post("/api/events"), event(highest)).get("id").asText();
        JsonNode passed = call(200, get(path + "/report").param("routine", routine("Ostermere")), null);
        assertThat(broken(passed)).isEmpty();
        assertThat(passed.get("kept").asBoolean()).isTrue();
        JsonNode failed = call(200, get(path + "/report").param("routine", routine("Thursday")), null);
        assertThat(failed.get("kept").asBoolean()).isFalse();
        assertThat(broken(failed)).contains("Joins", "Time");
        call(204, delete(path), null);
        call(410, get(path), null);
    }

    private String highestLevel() throws Exception {
        JsonNode levels = call(200, get("/api/lists/starter"), null).at("/document/levels");
        return levels.get(levels.size() - 1).get("name").asText();
    }

    @Test
    void asksTheSongAndNotTheRoutineHowFastItIsDanced() throws Exception {
        ObjectNode event = event(highestLevel()).put("leastSeconds", 0);
        String path =
                "/api/events/" + call(201, post("/api/events"), event).get("id").asText();
        JsonNode report = call(200, get(path + "/report").param("routine", routine("Formal evening")), null);
        assertThat(broken(report)).containsExactly("Tempo");
        assertThat(report.toString()).contains("27 to 29 bars a minute");
    }

    @Test
    void refusesALevelThatTheListDoesNotHaveAndAStaleSave() throws Exception {
        assertThat(call(422, post("/api/events"), event("Platinum"))
                        .get("detail")
                        .asText())
                .contains("but was \"Platinum\"");
        ObjectNode band = event(highestLevel());
        ((ObjectNode) band.at("/dances/0")).put("fastest", 20);
        assertThat(call(422, post("/api/events"), band).get("detail").asText()).contains("28.0 to 20.0");
        JsonNode kept = call(201, post("/api/events"), event(highestLevel()));
        String path = "/api/events/" + kept.get("id").asText();
        JsonNode changed = ((ObjectNode) kept.get("document").deepCopy()).put("note", "mine");
        assertThat(call(200, put(path), Map.of("expectedVersion", 1, "document", changed))
                        .at("/document/note")
                        .asText())
                .isEqualTo("mine");
        call(409, put(path), Map.of("expectedVersion", 1, "document", changed));
        call(
                404,
                get(path + "/report")
                        .param("routine", java.util.UUID.randomUUID().toString()),
                null);
    }
}
