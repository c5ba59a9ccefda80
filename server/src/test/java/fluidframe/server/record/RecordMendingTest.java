package fluidframe.server.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RecordMendingTest extends RecordCalls {
    private ObjectNode change(Instant at) {
        return mapper.createObjectNode().put("at", at.toString());
    }

    private JsonNode entry(String couple) throws Exception {
        return call(200, get("/api/records/" + couple + "/log"), null).at("/lines/0");
    }

    @Test
    void anEntryIsPutRightAndWhatItCannotSayLeavesItAsItWas() throws Exception {
        String couple = couple("Hilde", dancer("Hilde Rask"));
        long id = jot(201, "hilde waltz whisk 2 lady late, sooner").get("id").asLong();
        JsonNode kept = entry(couple);
        Instant seen = Instant.now().minus(3, ChronoUnit.DAYS).truncatedTo(ChronoUnit.SECONDS);
        ObjectNode wanted = change(seen).put("tempo", 28);
        ObjectNode fault = kept.get("fault").deepCopy();
        wanted.set("fault", fault.put("seen", "heel early").put("row", 3).put("cause", "knee stiff"));
        call(200, put("/api/log/" + id), wanted);
        JsonNode changed = entry(couple);
        assertThat(changed.at("/fault/seen").asText()).isEqualTo("heel early");
        assertThat(changed.at("/fault/row").asInt()).isEqualTo(3);
        assertThat(changed.at("/fault/cause").asText()).isEqualTo("knee stiff");
        assertThat(changed.at("/fault/cue").asText())
                .isEqualTo(kept.at("/fault/cue").asText());
        assertThat(changed.get("tempo").asDouble()).isEqualTo(28);
        assertThat(Instant.parse(changed.get("at").asText())).isEqualTo(seen);
        assertThat(call(422, put("/api/log/" + id), change(seen).put("tempo", 900))
                        .toString())
                .contains("300");
        assertThat(call(422, put("/api/log/" + id), change(Instant.now().plus(9, ChronoUnit.DAYS)))
                        .toString())
                .contains("today");
        call(400, put("/api/log/" + id), mapper.createObjectNode());
        assertThat(entry(couple)).isEqualTo(changed);
        call(200, put("/api/log/" + id), change(seen));
        assertThat(entry(couple).has("fault")).isFalse();
        assertThat(call(200, get("/api/records/" + couple), null).get("faults")).isEmpty();
        call(204, delete("/api/log/" + id), null);
        call(404, put("/api/log/" + id), change(seen));
    }

    @Test
    void aLineThatCountsRunsKeepsAsManyAndThoseThatWereClean() throws Exception {
        String couple = couple("Ragna and Leif", dancer("Ragna Holt"), dancer("Leif Amund"));
        JsonNode kept = jot(201, "ragna leif waltz whisk 2 lady late 3 of 5, wait");
        assertThat(kept.get("more")).hasSize(4);
        assertThat(kept.get("message").asText()).endsWith("late, 3 of 5 runs.");
        JsonNode record = call(200, get("/api/records/" + couple), null);
        assertThat(record.get("runs").asInt()).isEqualTo(5);
        assertThat(record.at("/faults/0/rate/times").asInt()).isEqualTo(3);
        assertThat(record.at("/subjects/0/lately/times").asInt()).isEqualTo(2);
        jot(201, "ragna leif waltz whisk clean 2 of 2 to the other side");
        record = call(200, get("/api/records/" + couple), null);
        assertThat(record.at("/subjects/0/otherSide/times").asInt()).isEqualTo(2);
        assertThat(jot(422, "ragna leif waltz whisk clean 4 of 6").get("detail").asText())
                .contains("that were not clean");
    }

    @Test
    void promisesMadeAtTheSameInstantAreAllKept() throws Exception {
        String couple = couple("Sunniva and Odd", dancer("Sunniva Gale"), dancer("Odd Harrow"));
        LocalDate today = LocalDate.now();
        JsonNode lesson =
                call(201, post("/api/lessons"), lesson(couple, "Sunniva and Odd", today.minusDays(2), "waltz.whisk"));
        ExecutorService hands = Executors.newFixedThreadPool(6);
        try {
            List<Callable<JsonNode>> lines = IntStream.range(0, 12)
                    .<Callable<JsonNode>>mapToObj(
                            i -> () -> jot(201, "sunniva odd next time: part " + (char) ('a' + i)))
                    .toList();
            for (Future<JsonNode> one : hands.invokeAll(lines)) one.get();
        } finally {
            hands.shutdown();
        }
        String promised = "/api/lessons/promised?whom=" + couple + "&before=";
        JsonNode last = call(200, get(promised + today), null);
        assertThat(last.get("lesson")).isEqualTo(lesson.get("id"));
        assertThat(last.get("promises")).hasSize(12);
        assertThat(call(200, get(promised + today.minusDays(2)), null).get("promises"))
                .isEmpty();
        JsonNode next = call(201, post("/api/lessons"), lesson(couple, "Sunniva and Odd", today.plusDays(5)));
        JsonNode around = call(200, get("/api/lessons/around?whom=" + couple + "&day=" + today), null);
        assertThat(around.at("/next/id")).isEqualTo(next.get("id"));
        assertThat(around.get("past")).hasSize(1);
        assertThat(around.get("promises")).hasSize(12);
        assertThat(call(422, get(promised + "soon"), null).toString()).contains("soon");
    }

    @Test
    void aRoutineTaughtBeforeAChartOfItsFiguresChangedHasChanged() throws Exception {
        String couple = couple("Wim", dancer("Wim Daal"));
        ObjectNode routine = mapper.createObjectNode()
                .put("name", "Wim's tango")
                .put("dance", "tango")
                .put("tempo", 32);
        routine.putObject("floor")
                .put("length", 24)
                .put("width", 14)
                .put("startX", 3)
                .put("startY", 11.5)
                .put("stride", 0.7);
        routine.withArray("figures").addObject().put("figure", "tango.progressive-link");
        String id = call(201, post("/api/routines"), routine).get("id").asText();
        String taught = "/api/records/" + couple + "/taught";
        call(201, post(taught), mapper.createObjectNode().put("kind", "routine").put("id", id));
        assertThat(call(200, get(taught), null).at("/0/differences")).isEmpty();
        JsonNode chart = call(200, get("/api/figures/tango.progressive-link"), null);
        ObjectNode document = chart.get("document").deepCopy();
        ((ObjectNode) document.at("/man/1")).put("note", "Sharper than before");
        ObjectNode save = mapper.createObjectNode()
                .put("expectedVersion", chart.get("version").asLong())
                .put("note", "sharper");
        save.set("document", document);
        call(200, put("/api/figures/tango.progressive-link"), save);
        JsonNode difference = call(200, get(taught), null).at("/0/differences/0");
        assertThat(difference.get("where").asText()).startsWith("Progressive Link: ");
        assertThat(difference.get("after").asText()).contains("Sharper than before");
        assertThat(difference.get("bar").asInt()).isEqualTo(1);
        assertThat(call(200, get("/api/today?day=" + LocalDate.now()), null).toString())
                .contains("Wim's tango");
        call(201, post(taught), mapper.createObjectNode().put("kind", "routine").put("id", id));
        assertThat(call(200, get(taught), null).at("/0/differences")).isEmpty();
        call(204, delete("/api/figures/tango.progressive-link"), null);
        assertThat(call(200, get(taught), null).at("/0/differences/0/before").asText())
                .contains("Sharper than before");
    }

    @Test
    void aCoupleIsAsTallAsThoseWhoDanceTheRolesOfADance() throws Exception {
        String tall = call(
                        201,
                        post("/api/dancers"),
                        mapper.createObjectNode().put("name", "Tall One").put("heightCm", 191))
                .get("id")
                .asText();
        String couple = couple("Tall and other", tall, dancer("Other One"));
        JsonNode heights = call(200, get("/api/records/" + couple + "/heights?dance=waltz"), null);
        assertThat(heights.get("man").asInt()).isEqualTo(191);
        assertThat(heights.has("lady")).isFalse();
        call(422, get("/api/records/" + couple + "/heights?dance=hopping"), null);
        call(404, get("/api/records/nobody/heights?dance=waltz"), null);
    }

    @Test
    void aPlanNamesTheDrillThatTheCoachWroteAgainstAFault() throws Exception {
        String couple = couple("Thea and Joris", dancer("Thea Voss"), dancer("Joris Wend"));
        ObjectNode drill =
                mapper.createObjectNode().put("name", "Ankles by the rail").put("purpose", "Slow ankles.");
        drill.withArray("cautions").add("Pain is a signal to stop.");
        drill.withArray("against").add("ankles wobble");
        String id = call(201, post("/api/drills"), drill).get("id").asText();
        for (int i = 0; i < 3; i++) jot(201, "thea joris tango walks 1 lady ankles wobble");
        JsonNode lesson = lesson(couple, "Thea and Joris", LocalDate.now(), "tango.walks", "tango.closed-promenade");
        JsonNode plan = call(200, post("/api/lesson-plans"), lesson).get("document");
        assertThat(plan.findValuesAsText("id")).contains(id, "promenade-position");
        call(204, delete("/api/drills/" + id), null);
        assertThat(call(200, post("/api/lesson-plans"), lesson).toString()).doesNotContain(id);
    }
}
