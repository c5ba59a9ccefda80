package fluidframe.server.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RecordApiTest extends RecordCalls {
    @Test
    void theDemoStudioHasTwoFaultsThatBecameRarerAndOneThatDidNot() throws Exception {
        JsonNode ines = call(200, get("/api/records/ines-and-tobin"), null).at("/faults/0");
        assertThat(ines.at("/helped/cue").asText()).isEqualTo("wait for the knee");
        assertThat(ines.at("/change/verdict").asText()).isEqualTo("rarer");
        JsonNode mirela = call(200, get("/api/records/mirela-and-joost"), null).at("/faults/0");
        assertThat(mirela.at("/helped/cue").asText()).isEqualTo("stand first");
        JsonNode oda = call(200, get("/api/records/oda-and-piet"), null).at("/faults/0");
        assertThat(oda.at("/seen").asText()).isEqualTo("head left behind");
        assertThat(oda.at("/helped").isMissingNode()).isTrue();
        assertThat(oda.at("/change/verdict").asText()).isEqualTo("unsure");
        JsonNode today = call(200, get("/api/today"), null);
        assertThat(today.get("lessons")).hasSize(3);
        assertThat(today.at("/events/0/days").asInt()).isEqualTo(19);
        assertThat(today.at("/movedOn/0/name").asText()).isEqualTo("Long floor, waltz");
        assertThat(call(200, get("/api/couples"), null).get("total").asInt()).isGreaterThanOrEqualTo(8);
        assertThat(call(200, get("/api/groups/thursday-class"), null).at("/document/members"))
                .hasSize(11);
    }

    @Test
    void aTypedFaultIsKeptIsHeatInTheRoutineAndIsTakenBack() throws Exception {
        String couple = couple("Pim and Wanda", dancer("Pim Arlo"), dancer("Wanda Sill"));
        JsonNode kept = jot(201, "pim wanda, long floor, waltz bar 2 lady late, listen");
        assertThat(kept.get("into").asText()).isEqualTo("log");
        jot(201, "pim wanda waltz natural turn 1 man no heel lead");
        jot(201, "pim wanda waltz natural turn clean at 28");
        JsonNode heat = call(200, get("/api/records/" + couple + "/routines/long-floor-waltz"), null);
        JsonNode first = heat.at("/places/0");
        assertThat(first.get("figure").asText()).isEqualTo("waltz.natural-turn");
        assertThat(first.at("/heat/rate/times").asInt()).isEqualTo(2);
        assertThat(first.at("/heat/rate/of").asInt()).isEqualTo(3);
        assertThat(heat.at("/bars/1/heat/rate/times").asInt()).isEqualTo(1);
        assertThat(heat.at("/bars/1/heat/rate/of").asInt()).isEqualTo(3);
        JsonNode record = call(200, get("/api/records/" + couple), null);
        assertThat(record.get("runs").asInt()).isEqualTo(3);
        call(204, delete("/api/log/" + kept.get("id").asText()), null);
        assertThat(call(200, get("/api/records/" + couple + "/log"), null).get("lines"))
                .hasSize(2);
    }

    @Test
    void whatIsNotCompleteIsRefusedWithWhatIsMissingAndKeepsNothing() throws Exception {
        assertThat(jot(422, "ines tobin whisk").get("detail").asText())
                .contains("Say what was seen", "Say at which step", "Say whose it was");
        assertThat(jot(422, "ines tobin whisk 99 lady late").get("detail").asText())
                .contains("Whisk has 3 steps, but step 99 was named");
        assertThat(jot(422, "ines tobin long floor, waltz bar 900 lady late")
                        .get("detail")
                        .asText())
                .contains("There is no figure in bar 900");
        assertThat(jot(422, " ").get("detail").asText()).contains("Type what was seen");
    }

    @Test
    void aPromiseGoesIntoTheLastLessonAndIntoTheNextPlan() throws Exception {
        String couple = couple("Zora and Quint", dancer("Zora Ell"), dancer("Quint Ast"));
        assertThat(jot(422, "zora quint next time: the whisk to music")
                        .get("detail")
                        .asText())
                .contains("have had no lesson yet");
        LocalDate today = LocalDate.now();
        call(201, post("/api/lessons"), lesson(couple, "Zora and Quint", today.minusDays(7), "waltz.whisk"));
        jot(201, "zora quint next time: the whisk to music");
        JsonNode plan = call(
                        200,
                        post("/api/lesson-plans"),
                        lesson(couple, "Zora and Quint", today, "waltz.natural-spin-turn"))
                .get("document");
        assertThat(plan.at("/items/0/why").asText()).isEqualTo("promised last time: the whisk to music");
        int minutes = 0;
        for (JsonNode item : plan.get("items")) minutes += item.get("minutes").asInt();
        assertThat(minutes).isEqualTo(45);
        ((ObjectNode) plan.at("/items/1")).put("minutes", 20).put("fixed", true);
        JsonNode shared = call(200, post("/api/lessons/shared"), plan).get("document");
        minutes = 0;
        for (JsonNode item : shared.get("items")) minutes += item.get("minutes").asInt();
        assertThat(minutes).isEqualTo(45);
        assertThat(shared.at("/items/1/minutes").asInt()).isEqualTo(20);
        ((ObjectNode) plan.at("/items/1")).put("minutes", 45);
        assertThat(call(422, post("/api/lessons/shared"), plan).get("detail").asText())
                .contains("45 of 45 minutes");
        assertThat(call(200, get("/api/lessons/days?from=" + today.minusDays(8) + "&to=" + today), null)
                        .toString())
                .contains("Zora and Quint");
        assertThat(call(422, get("/api/lessons/days?from=2026-02-30&to=2026-03-01"), null)
                        .get("detail")
                        .asText())
                .contains("2026-02-30");
    }

    @Test
    void whatWasTaughtDiffersFromWhatStandsNowByItsRows() throws Exception {
        String couple = couple("Ivo", dancer("Ivo Pell"));
        JsonNode view = call(200, get("/api/figures/tango.walks"), null);
        jot(201, "ivo taught tango walks");
        assertThat(call(200, get("/api/records/" + couple + "/taught"), null).at("/0/differences"))
                .isEmpty();
        ObjectNode chart = (ObjectNode) view.get("document");
        ((ObjectNode) chart.at("/man/1")).put("note", "Further round");
        ObjectNode save = mapper.createObjectNode().put("expectedVersion", 0).put("note", "changed");
        save.set("document", chart);
        call(200, put("/api/figures/tango.walks"), save);
        JsonNode taught =
                call(200, get("/api/records/" + couple + "/taught"), null).get(0);
        assertThat(taught.get("differences")).hasSize(1);
        assertThat(taught.toString()).contains("Further round");
        call(
                201,
                post("/api/records/" + couple + "/taught"),
                mapper.createObjectNode().put("kind", "figure").put("id", "tango.walks"));
        assertThat(call(200, get("/api/records/" + couple + "/taught"), null).at("/0/differences"))
                .isEmpty();
        assertThat(call(
                                404,
                                post("/api/records/" + couple + "/taught"),
                                mapper.createObjectNode().put("kind", "figure").put("id", "none.such"))
                        .toString())
                .contains("none.such");
    }

    @Test
    void somebodyIsForgottenWithWhatIsTheirsAndThePartnerGoesOn() throws Exception {
        String he = dancer("Bruno Fitch");
        String she = dancer("Clio Marsh");
        String couple = couple("Clio and Bruno", he, she);
        call(201, post("/api/lessons"), lesson(couple, "Clio and Bruno", LocalDate.now(), "waltz.whisk"));
        jot(201, "clio bruno waltz whisk 2 lady late");
        jot(201, "clio bruno waltz whisk 2 man late");
        JsonNode touched = call(200, get("/api/dancers/" + she + "/everything/touched"), null);
        assertThat(touched.toString()).contains("goes on as Bruno Fitch alone", "1 lessons");
        String file = mvc.perform(get("/api/dancers/" + she + "/everything"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(file).contains("Clio Marsh", "late", "waltz.whisk");
        call(204, delete("/api/dancers/" + she + "/everything"), null);
        call(404, get("/api/dancers/" + she), null);
        JsonNode left = call(200, get("/api/couples/" + couple), null);
        assertThat(left.at("/document/name").asText()).isEqualTo("Bruno Fitch");
        assertThat(left.at("/document/dancers")).hasSize(1);
        JsonNode log = call(200, get("/api/records/" + couple + "/log"), null).get("lines");
        assertThat(log).hasSize(1);
        assertThat(log.at("/0/whom").asText()).isEqualTo("Bruno Fitch");
        assertThat(log.at("/0/fault/role").asText()).isEqualTo("man");
        assertThat(call(200, get("/api/lessons?q=with:" + couple + "."), null)
                        .at("/lines/0/name")
                        .asText())
                .isEqualTo("Bruno Fitch");
        call(204, delete("/api/dancers/" + he + "/everything"), null);
        call(404, get("/api/couples/" + couple), null);
        assertThat(call(200, get("/api/lessons?q=with:" + couple + "."), null).get("lines"))
                .isEmpty();
        call(404, delete("/api/dancers/" + he + "/everything"), null);
    }

    @Test
    void whatLiesInTheBinForgetsSomebodyToo() throws Exception {
        String she = dancer("Fenna Loy");
        String couple = couple("Fenna", she);
        call(201, post("/api/lessons"), lesson(couple, "Fenna", LocalDate.now(), "waltz.whisk"));
        jot(201, "fenna waltz whisk 2 lady late");
        call(204, delete("/api/couples/" + couple), null);
        assertThat(call(200, get("/api/bin"), null).toString()).contains(couple);
        call(204, delete("/api/dancers/" + she + "/everything"), null);
        assertThat(call(200, get("/api/log?kind=figure&id=waltz.whisk&couple=" + couple), null)
                        .get("entries"))
                .isEmpty();
        assertThat(call(200, get("/api/lessons?q=Fenna"), null).get("lines")).isEmpty();
        assertThat(call(200, get("/api/bin"), null).toString()).doesNotContain(couple);
    }

    @Test
    void manyWhoJotAtOnceLoseNothing() throws Exception {
        String couple = couple("Odile and Renn", dancer("Odile Crow"), dancer("Renn Tarn"));
        ExecutorService hands = Executors.newFixedThreadPool(8);
        List<JsonNode> kept = new ArrayList<>();
        try {
            List<Callable<JsonNode>> lines = IntStream.range(0, 40)
                    .<Callable<JsonNode>>mapToObj(
                            i -> () -> jot(201, "odile renn waltz whisk " + (1 + i % 3) + " lady late"))
                    .toList();
            for (Future<JsonNode> one : hands.invokeAll(lines)) kept.add(one.get());
        } finally {
            hands.shutdown();
        }
        assertThat(kept).extracting(node -> node.get("id").asLong()).doesNotHaveDuplicates();
        JsonNode first = call(200, get("/api/records/" + couple + "/log?limit=25"), null);
        JsonNode rest = call(
                200,
                get("/api/records/" + couple + "/log?limit=25&after="
                        + first.get("next").asText()),
                null);
        assertThat(first.get("lines").size() + rest.get("lines").size()).isEqualTo(40);
        assertThat(rest.has("next")).isFalse();
        assertThat(call(422, get("/api/records/" + couple + "/log?after=nowhere"), null)
                        .toString())
                .contains("nowhere");
    }
}
