package fluidframe.server.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LogApiTest extends ApiCalls {
    private ObjectNode run(String id, double tempo) {
        return mapper.createObjectNode()
                .put("kind", "figure")
                .put("id", id)
                .put("name", "Whisk")
                .put("run", UUID.randomUUID().toString())
                .put("from", 0)
                .put("to", 3)
                .put("tempo", tempo)
                .put("whom", "Ines and Tobin");
    }

    private ObjectNode fault(String id, String seen, int row) {
        ObjectNode entry = run(id, 20);
        entry.putObject("fault")
                .put("figure", "waltz.whisk")
                .put("figureName", "Whisk")
                .put("role", "lady")
                .put("row", row)
                .put("seen", seen)
                .put("cue", "Open on two");
        return entry;
    }

    private JsonNode log(String id) throws Exception {
        return call(200, get("/api/log?kind=figure&id=" + id), null);
    }

    @Test
    void runsAndFaultsAreFoundAgainAndAddedUp() throws Exception {
        assertThat(log("waltz.adds-up").get("entries")).isEmpty();
        call(201, post("/api/log"), run("waltz.adds-up", 24));
        call(201, post("/api/log"), fault("waltz.adds-up", "Late \"cross\" & <b>open</b>", 3));
        call(201, post("/api/log"), fault("waltz.adds-up", "late \"CROSS\" & <b>open</b>", 3));
        JsonNode log = log("waltz.adds-up");
        assertThat(log.get("entries")).hasSize(3);
        assertThat(log.at("/entries/2/fault").isMissingNode()).isTrue();
        assertThat(log.at("/entries/0/fault/role").asText()).isEqualTo("lady");
        assertThat(log.at("/entries/0/whom").asText()).isEqualTo("Ines and Tobin");
        assertThat(log.get("runs").asInt()).isEqualTo(3);
        assertThat(log.get("clean").asInt()).isEqualTo(1);
        assertThat(log.get("fastestClean").asDouble()).isEqualTo(24);
        assertThat(log.at("/faults/0/times").asInt()).isEqualTo(2);
        assertThat(log.at("/faults/0/row").asInt()).isEqualTo(3);
        assertThat(log.at("/faults/0/seen").asText()).isEqualTo("Late \"cross\" & <b>open</b>");
    }

    @Test
    void whatWasKeptByMistakeIsTakenBackOnce() throws Exception {
        long id = call(201, post("/api/log"), run("waltz.taken-back", 24))
                .get("id")
                .asLong();
        call(204, delete("/api/log/" + id), null);
        assertThat(log("waltz.taken-back").get("entries")).isEmpty();
        assertThat(call(404, delete("/api/log/" + id), null).toString()).contains("not there any more");
    }

    @Test
    void whatSaysNothingIsRefusedAndKeepsNothing() throws Exception {
        assertThat(call(422, post("/api/log"), fault("waltz.refused", " ", 3)).toString())
                .contains("Say what was seen");
        assertThat(call(422, post("/api/log"), fault("waltz.refused", "Late", 0))
                        .toString())
                .contains("row 0");
        assertThat(call(422, post("/api/log"), run("waltz.refused", 0)).toString())
                .contains("300 bars");
        ObjectNode nameless = run("waltz.refused", 24);
        nameless.remove("name");
        assertThat(call(400, post("/api/log"), nameless).toString()).contains("name");
        assertThat(log("waltz.refused").get("entries")).isEmpty();
    }

    @Test
    void manyWritingAtOnceLoseNothing() throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(8);
        try {
            List<Callable<JsonNode>> writes = IntStream.range(0, 40)
                    .<Callable<JsonNode>>mapToObj(i ->
                            () -> call(201, post("/api/log"), fault("waltz.many", "Fault " + i % 4, 1)))
                    .toList();
            for (Future<JsonNode> written : hands.invokeAll(writes)) written.get();
        } finally {
            hands.shutdown();
        }
        JsonNode log = log("waltz.many");
        assertThat(log.get("entries")).hasSize(40);
        assertThat(log.get("faults"))
                .hasSize(4)
                .allMatch(often -> often.get("times").asInt() == 10);
    }
}
