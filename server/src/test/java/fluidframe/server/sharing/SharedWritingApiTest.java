package fluidframe.server.sharing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.access.Visitors;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

/** The two things that devices write: what was practised, and runs. */
class SharedWritingApiTest extends SharedCalls {
    /** A part of work of today, or of a day before, as the device is shown it. */
    private ObjectNode tick(JsonNode plan, LocalDate from, boolean done) {
        for (JsonNode day : plan.get("days")) {
            if (LocalDate.parse(day.get("date").asText()).isBefore(from)
                    || day.get("parts").isEmpty()) continue;
            JsonNode part = day.at("/parts/0");
            return mapper.createObjectNode()
                    .put("date", day.get("date").asText())
                    .put("nth", part.get("nth").asInt())
                    .put("kind", part.get("kind").asText())
                    .put("id", part.get("id").asText())
                    .put("done", done);
        }
        throw new AssertionError("The demo couple practises");
    }

    private String stateOf(JsonNode plan, ObjectNode tick) {
        for (JsonNode day : plan.get("days")) {
            if (!day.get("date").equals(tick.get("date"))) continue;
            for (JsonNode part : day.get("parts"))
                if (part.get("nth").equals(tick.get("nth")))
                    return part.get("state").asText();
        }
        return "";
    }

    @Test
    void aCoupleTicksItsOwnPracticeAndTheCoachSeesIt() throws Exception {
        String ticks = "/api/shared/practices/" + practice + "/ticks";
        JsonNode plan = call(200, get("/api/shared/practices/" + practice).with(phone), null);
        ObjectNode tick = tick(plan, TODAY.minusDays(7), true);
        assertThat(stateOf(call(200, post(ticks).with(phone), tick), tick)).isEqualTo("done");
        JsonNode kept = call(200, get("/api/practices/" + practice), null).get("document");
        assertThat(kept.toString()).contains("\"state\":\"done\"");
        assertThat(stateOf(call(200, post(ticks).with(phone), tick.deepCopy().put("done", false)), tick))
                .isEqualTo("open");
        ObjectNode ahead = tick(plan, TODAY.plusDays(1), true);
        assertThat(call(422, post(ticks).with(phone), ahead).get("detail").asText())
                .contains("still to come");
        assertThat(call(422, post(ticks).with(phone), tick.deepCopy().put("id", "waltz.other"))
                        .get("detail")
                        .asText())
                .contains("changed meanwhile");
        call(422, post(ticks).with(phone), tick.deepCopy().put("nth", 99));
        call(422, post(ticks).with(phone), tick.deepCopy().put("date", "2001-01-01"));
        call(403, post(ticks).with(screen), tick);
        call(403, post(ticks).with(visitors.device(Optional.of("somebody else"))), tick);
        call(401, post(ticks).with(Visitors.stranger()), tick);
    }

    @Test
    void ticksAndWhatTheCoachWritesAtTheSameTimeAreBothKept() throws Exception {
        String ticks = "/api/shared/practices/" + practice + "/ticks";
        ObjectNode tick =
                tick(call(200, get("/api/shared/practices/" + practice).with(phone), null), TODAY.minusDays(7), true);
        ExecutorService pool = Executors.newFixedThreadPool(4);
        List<Callable<Integer>> work = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            boolean done = i % 2 == 0;
            work.add(() -> mvc.perform(post(ticks)
                            .with(phone)
                            .contentType("application/json")
                            .content(tick.deepCopy().put("done", done).toString()))
                    .andReturn()
                    .getResponse()
                    .getStatus());
            work.add(this::noted);
        }
        for (Future<Integer> one : pool.invokeAll(work)) assertThat(one.get()).isEqualTo(200);
        pool.shutdown();
        call(200, post(ticks).with(phone), tick);
        JsonNode after = call(200, get("/api/shared/practices/" + practice).with(phone), null);
        assertThat(stateOf(after, tick)).isEqualTo("done");
        assertThat(call(200, get("/api/practices/" + practice), null)
                        .at("/document/note")
                        .asText())
                .isEqualTo("noted");
    }

    /** The coach saves the plan with a note; whoever was overtaken is told, which is not an error here. */
    private int noted() throws Exception {
        for (int tries = 0; tries < 50; tries++) {
            JsonNode kept = call(200, get("/api/practices/" + practice), null);
            ObjectNode save = mapper.createObjectNode()
                    .put("expectedVersion", kept.get("version").asLong());
            save.set("document", ((ObjectNode) kept.get("document")).put("note", "noted"));
            int status = mvc.perform(put("/api/practices/" + practice)
                            .contentType("application/json")
                            .content(save.toString()))
                    .andReturn()
                    .getResponse()
                    .getStatus();
            if (status != 409) return status;
        }
        return 409;
    }

    private ObjectNode run(String kind, String id, String key) {
        return mapper.createObjectNode()
                .put("kind", kind)
                .put("id", id)
                .put("run", key)
                .put("from", 0)
                .put("to", 24)
                .put("tempo", 28);
    }

    private JsonNode log(String kind, String id) throws Exception {
        return call(200, get("/api/log?kind=" + kind + "&id=" + id + "&couple=" + couple), null);
    }

    @Test
    void aRunIsLoggedForTheCoupleOfTheDeviceAndSentTwiceIsKeptOnce() throws Exception {
        int before = log("routine", MINE).get("entries").size();
        call(201, post("/api/shared/runs").with(phone), run("routine", MINE, "one run"));
        call(201, post("/api/shared/runs").with(phone), run("routine", MINE, "one run"));
        ObjectNode fault = run("routine", MINE, "another");
        fault.putObject("seen")
                .put("place", 1)
                .put("role", "lady")
                .put("row", 2)
                .put("seen", " late ");
        call(201, post("/api/shared/runs").with(phone), fault);
        JsonNode entries = log("routine", MINE).get("entries");
        assertThat(entries).hasSize(before + 2);
        assertThat(entries.get(0).at("/fault/seen").asText()).isEqualTo("late");
        assertThat(entries.get(0).at("/fault/place").asInt()).isEqualTo(1);
        assertThat(entries.get(0).get("whom").asText()).isEqualTo("Ines and Tobin");
        call(201, post("/api/shared/runs").with(phone), run("figure", "waltz.whisk", "third"));
        assertThat(log("figure", "waltz.whisk").at("/entries/0/name").asText()).isEqualTo("Whisk");
    }

    @Test
    void whatCannotBeARunIsRefusedAndNothingIsLogged() throws Exception {
        String others = routineOf("Not theirs", true);
        call(404, post("/api/shared/runs").with(phone), run("routine", others, "a"));
        call(404, post("/api/shared/runs").with(phone), run("figure", "waltz.nothing", "a"));
        call(404, post("/api/shared/runs").with(phone), run("lesson", "x", "a"));
        call(422, post("/api/shared/runs").with(screen), run("routine", MINE, "a"));
        call(422, post("/api/shared/runs"), run("routine", MINE, "a"));
        ObjectNode fault = run("figure", "waltz.whisk", "a");
        fault.putObject("seen").put("place", 0).put("role", "man").put("row", 9).put("seen", "late");
        assertThat(call(422, post("/api/shared/runs").with(phone), fault)
                        .get("detail")
                        .asText())
                .contains("steps");
        ObjectNode place = run("routine", MINE, "a");
        place.putObject("seen")
                .put("place", 99)
                .put("role", "man")
                .put("row", 1)
                .put("seen", "late");
        call(422, post("/api/shared/runs").with(phone), place);
        call(401, post("/api/shared/runs").with(Visitors.stranger()), run("routine", MINE, "a"));
        assertThat(log("figure", "waltz.whisk").toString()).doesNotContain("\"run\":\"a\"");
    }

    @Test
    void whoChangesMoreThanAnybodyWouldIsToldToWait() throws Exception {
        int refused = 0;
        for (int i = 0; i < 125; i++) {
            refused += mvc.perform(post("/api/shared/runs")
                                            .with(phone)
                                            .contentType("application/json")
                                            .content(run("figure", "waltz.whisk", "flood")
                                                    .toString()))
                                    .andReturn()
                                    .getResponse()
                                    .getStatus()
                            == 429
                    ? 1
                    : 0;
        }
        assertThat(refused).isEqualTo(5);
    }
}
