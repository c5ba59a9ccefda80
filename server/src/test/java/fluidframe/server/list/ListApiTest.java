package fluidframe.server.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.server.ApiCalls;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

class ListApiTest extends ApiCalls {
    private JsonNode own(String name) throws Exception {
        return call(201, post("/api/lists/copies"), Map.of("name", name, "from", "starter"));
    }

    private static Map<String, Object> save(JsonNode list, String name, List<?> levels) {
        return Map.of(
                "expectedVersion",
                list.get("version").asLong(),
                "document",
                Map.of("name", name, "note", "as of this year", "levels", levels));
    }

    private static String path(JsonNode list) {
        return "/api/lists/" + list.get("id").asText();
    }

    @Test
    void theStarterHasThreeLevelsAndStaysAsItShips() throws Exception {
        JsonNode starter = call(200, get("/api/lists/starter"), null);
        assertThat(starter.get("starter").asBoolean()).isTrue();
        assertThat(starter.at("/document/levels").findValuesAsText("name")).containsExactly("Bronze", "Silver", "Gold");
        JsonNode refused = call(422, put("/api/lists/starter"), save(starter, "Mine", List.of(level("A"))));
        assertThat(refused.get("detail").asText()).contains("make a list of your own from it");
    }

    private static Map<String, Object> level(String name, String... figures) {
        Map<String, List<String>> byDance = new TreeMap<>();
        for (String figure : figures) {
            String[] parts = figure.split("\\.", 2);
            byDance.computeIfAbsent(parts[0], dance -> new ArrayList<>()).add(parts[parts.length - 1]);
        }
        return Map.of("name", name, "figures", byDance);
    }

    @Test
    void anOwnListIsACopyThatTakesItsOwnLevels() throws Exception {
        JsonNode own = own("Harbour school " + UUID.randomUUID());
        assertThat(own.at("/document/levels")).hasSize(3);
        String name = "Harbour " + UUID.randomUUID();
        call(
                200,
                put(path(own)),
                save(own, name, List.of(level("Deck", "waltz.whisk"), level("Mast", "waltz.wing", "tango.walks"))));
        JsonNode kept = call(200, get(path(own)), null);
        assertThat(kept.at("/document/name").asText()).isEqualTo(name);
        assertThat(kept.at("/document/levels/1/figures")).hasSize(2);
        JsonNode coverage = call(200, get(path(own) + "/coverage"), null);
        assertThat(coverage.get(0).get("levels").findValuesAsText("listed")).containsExactly("1", "1");
        call(204, delete(path(own)), null);
        call(410, get(path(own)), null);
    }

    @Test
    void aSaveFromAnOlderVersionIsRefusedWithBothStates() throws Exception {
        JsonNode own = own("Twice " + UUID.randomUUID());
        String name = own.at("/document/name").asText();
        call(200, put(path(own)), save(own, name, List.of(level("One"))));
        JsonNode stale = call(409, put(path(own)), save(own, name, List.of(level("Two"))));
        assertThat(stale.at("/sides/current/levels/0/name").asText()).isEqualTo("One");
    }

    @Test
    void badListsAreRefusedInWordsAndChangeNothing() throws Exception {
        JsonNode own = own("Words " + UUID.randomUUID());
        String name = own.at("/document/name").asText();
        JsonNode two = call(
                422, put(path(own)), save(own, name, List.of(level("A", "waltz.whisk"), level("B", "waltz.whisk"))));
        assertThat(two.get("detail").asText()).contains("waltz.whisk is on A and on B");
        assertThat(call(422, post("/api/lists/copies"), Map.of("name", name, "from", "starter"))
                        .get("detail")
                        .asText())
                .contains("choose another name");
        assertThat(call(422, put(path(own)), save(own, name, List.of(level("A", "waltz.WHISK"))))
                        .get("detail")
                        .asText())
                .contains("such as waltz.whisk");
        call(422, put(path(own)), save(own, name, List.of(level(" "))));
        call(404, get("/api/lists/nowhere"), null);
        assertThat(call(200, get(path(own)), null).at("/document/levels")).hasSize(3);
    }

    @Test
    void ofManyListsOfOneNameMadeAtTheSameTimeThereIsOne() throws Exception {
        String name = "Race " + UUID.randomUUID();
        String body = mapper.writeValueAsString(Map.of("name", name, "from", "starter"));
        ExecutorService many = Executors.newFixedThreadPool(8);
        List<Callable<Integer>> made = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            made.add(() -> mvc.perform(post("/api/lists/copies")
                            .contentType("application/json")
                            .content(body))
                    .andReturn()
                    .getResponse()
                    .getStatus());
        }
        List<Integer> answers = new ArrayList<>();
        for (Future<Integer> each : many.invokeAll(made)) answers.add(each.get());
        many.shutdown();
        assertThat(answers).filteredOn(status -> status == 201).hasSize(1);
        assertThat(answers).filteredOn(status -> status == 422).hasSize(15);
    }

    @Test
    void aListGoesOutAndComesInAsAFile() throws Exception {
        String yaml = mvc.perform(get("/api/lists/starter/file"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String name = "From file " + UUID.randomUUID();
        JsonNode added = text(201, post("/api/lists/file"), yaml.replace("name: Starter list", "name: " + name));
        assertThat(added.at("/document/name").asText()).isEqualTo(name);
        assertThat(added.at("/document/levels")).hasSize(3);
        JsonNode bad = text(422, post("/api/lists/file"), "format: fluidframe/list@1\nname: X\nlevel: []\n");
        assertThat(bad.get("problems").findValuesAsText("line")).contains("3");
    }

    @Test
    void tellsTheFreeElementsWithTheirCautions() throws Exception {
        JsonNode elements = call(200, get("/api/elements"), null);
        assertThat(elements.findValuesAsText("id")).contains("bow-and-curtsey", "dip", "exit");
    }

    @Test
    void theLibraryTellsBothTurnsAndFindsWhatIsAskedInAllDances() throws Exception {
        JsonNode found = call(200, get("/api/figures").param("dance", "all").param("q", "alemana"), null);
        assertThat(found.findValuesAsText("id")).startsWith("cha-cha.alemana", "rumba.alemana");
        assertThat(found.get(0).get("turn").asText()).isEqualTo("no turn");
        assertThat(found.get(0).get("ladyTurn").asText()).isEqualTo("1 1/4 R");
    }
}
