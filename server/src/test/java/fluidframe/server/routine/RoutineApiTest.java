package fluidframe.server.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class RoutineApiTest extends ApiCalls {
    private ObjectNode demo(String name) throws Exception {
        for (JsonNode summary : call(200, get("/api/routines"), null).get("lines")) {
            if (summary.get("name").asText().startsWith(name)) {
                return (ObjectNode)
                        call(200, get("/api/routines/" + summary.get("id").asText()), null);
            }
        }
        throw new AssertionError("No routine " + name);
    }

    private JsonNode work(JsonNode routine, int selected) throws Exception {
        return call(200, post("/api/routines/work").param("selected", Integer.toString(selected)), routine);
    }

    private static List<String> failing(JsonNode work) {
        List<String> kinds = new ArrayList<>();
        for (JsonNode join : work.get("joins")) {
            for (JsonNode condition : join.get("conditions")) {
                if (!condition.get("holds").asBoolean())
                    kinds.add(join.get("index") + " " + condition.get("kind").asText());
            }
        }
        return kinds;
    }

    @Test
    void theSoundRoutineIsSixteenBarsRoundTwoCornersAndRepeats() throws Exception {
        JsonNode work = work(demo("Ostermere").get("document"), 0);
        assertThat(work.get("bars").asDouble()).isEqualTo(16);
        assertThat(work.get("seconds").asDouble()).isEqualTo(33.1);
        assertThat(work.get("corners").asInt()).isEqualTo(2);
        assertThat(work.get("brokenJoins").asInt()).isZero();
        assertThat(work.get("canRepeat").asBoolean()).isTrue();
        assertThat(work.get("floorNotes")).isEmpty();
    }

    @Test
    void thePuzzleHasFourFaultsOfDifferentKinds() throws Exception {
        JsonNode work = work(demo("Thursday").get("document"), -1);
        assertThat(failing(work))
                .containsExactly(
                        "1 {man}'s free foot",
                        "1 {lady}'s free foot",
                        "3 couple position",
                        "3 alignment",
                        "5 alignment",
                        "7 beat");
        assertThat(work.at("/joins/0/repairs/0/name").asText()).isEqualTo("Closed Change on RF");
        assertThat(work.get("next").size()).isGreaterThan(5);
    }

    @Test
    void offersWhatCanFollowAndItIsNotBrokenOnceTaken() throws Exception {
        ObjectNode routine = (ObjectNode) demo("New opening").get("document");
        for (int i = 0; i < 6; i++) {
            JsonNode next = work(routine, routine.get("figures").size() - 1).at("/next/0");
            assertThat(next.get("verdict").asText()).isEqualTo("yes");
            ((ArrayNode) routine.get("figures")).add(next.get("figure"));
        }
        assertThat(work(routine, 0).get("brokenJoins").asInt()).isZero();
    }

    @Test
    void savesWithAVersionAndRefusesAStaleOneWithBothAtHand() throws Exception {
        ObjectNode view = demo("New opening");
        String path = "/api/routines/" + view.get("id").asText();
        ObjectNode save = mapper.createObjectNode()
                .put("expectedVersion", view.get("version").asLong());
        save.set("document", ((ObjectNode) view.get("document").deepCopy()).put("note", "mine"));
        assertThat(call(200, put(path), save).at("/document/note").asText()).isEqualTo("mine");
        ((ObjectNode) save.get("document")).put("note", "theirs");
        JsonNode refusal = call(409, put(path), save);
        assertThat(refusal.at("/sides/current/note").asText()).isEqualTo("mine");
        assertThat(refusal.at("/sides/yours/note").asText()).isEqualTo("theirs");
    }

    @Test
    void createsDescribesAndDeletes() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        String id = call(201, post("/api/routines"), routine.put("name", "Copy"))
                .get("id")
                .asText();
        assertThat(call(200, get("/api/routines/" + id), null)
                        .at("/document/name")
                        .asText())
                .isEqualTo("Copy");
        call(204, delete("/api/routines/" + id), null);
        call(410, get("/api/routines/" + id), null);
        call(404, delete("/api/routines/" + UUID.randomUUID()), null);
    }

    @Test
    void refusesWhatDoesNotFitWithThePathsOfItsFields() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        JsonNode refusal = call(
                422, post("/api/routines"), routine.deepCopy().put("tempo", 500).put("name", " "));
        assertThat(refusal.get("problems").findValuesAsText("path")).containsExactlyInAnyOrder("/tempo", "/name");
        JsonNode green =
                call(422, post("/api/routines/work"), routine.deepCopy().put("colour", "green"));
        assertThat(green.at("/problems/0/path").asText()).isEqualTo("/colour");
        assertThat(call(422, post("/api/routines"), routine.deepCopy().put("dance", "polka"))
                        .get("detail")
                        .asText())
                .contains("polka");
    }

    @Test
    void aRoutineOpensAllTheSameWhenAFigureOfItIsGone() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        ((ObjectNode) routine.at("/figures/2")).put("figure", "waltz.tumble");
        JsonNode kept = call(201, post("/api/routines"), routine.put("name", "Tumbling"));
        JsonNode work = work(kept.get("document"), 2);
        assertThat(work.at("/blocks/2/missing").asText()).contains("waltz.tumble");
        assertThat(work.at("/blocks/2/beats").asDouble()).isEqualTo(3);
        assertThat(work.at("/joins/1/free").asBoolean()).isTrue();
        assertThat(work.at("/joins/4/free").asBoolean()).isFalse();
        for (JsonNode line :
                call(200, get("/api/routines").param("q", "tumbl"), null).get("lines")) {
            assertThat(line.get("missing").asInt()).isEqualTo(1);
        }
        call(204, delete("/api/routines/" + kept.get("id").asText()), null);
    }
}
