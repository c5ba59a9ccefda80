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
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RoutineToolsApiTest extends ApiCalls {
    private ObjectNode demo(String name) throws Exception {
        for (JsonNode summary : call(200, get("/api/routines?dance=all"), null).get("lines")) {
            if (summary.get("name").asText().startsWith(name)) {
                return (ObjectNode)
                        call(200, get("/api/routines/" + summary.get("id").asText()), null);
            }
        }
        throw new AssertionError("No routine " + name);
    }

    private static ObjectNode figure(ObjectNode routine, int index) {
        return (ObjectNode) routine.at("/figures/" + index);
    }

    @Test
    void goesRoundTheFloorUntilItCloses() throws Exception {
        JsonNode circuit =
                call(200, post("/api/routines/circuit"), demo("Ostermere").get("document"));
        assertThat(circuit.get("times").asInt()).isEqualTo(2);
        assertThat(circuit.get("closes").asBoolean()).isTrue();
        assertThat(circuit.get("bars").asDouble()).isEqualTo(32);
        JsonNode open =
                call(200, post("/api/routines/circuit"), demo("New opening").get("document"));
        assertThat(open.get("problem").asText()).contains("cannot follow the last");
    }

    @Test
    void saysWhatEitherDancerHasToLearnAndRefusesAThirdOne() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        JsonNode hers = call(200, post("/api/routines/sheet?role=lady&count=teaching count"), routine)
                .get("parts");
        assertThat(hers).hasSize(routine.get("figures").size());
        assertThat(hers.at("/0/lines/0/count").asText()).isEqualTo("one");
        assertThat(hers.at("/0/lines/0/cells/place").asText()).isNotBlank();
        JsonNode his = call(200, post("/api/routines/sheet?role=man"), routine).get("parts");
        assertThat(his.at("/0/lines/0/cells/foot").asText())
                .isNotEqualTo(hers.at("/0/lines/0/cells/foot").asText());
        assertThat(call(422, post("/api/routines/sheet?role=third"), routine).toString())
                .contains("A role must be man or lady");
        assertThat(call(422, post("/api/routines/sheet?role=man&count=backwards"), routine)
                        .toString())
                .contains("A count must be in one of");
    }

    @Test
    void offersTheChartedTimingBesideTheOthersAndSaysWhatToMind() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Finals, cha-cha-cha").get("document");
        ObjectNode turned = routine.deepCopy();
        ArrayNode figures = turned.putArray("figures");
        figures.addObject().put("figure", "cha-cha.hand-to-hand");
        figures.addObject().put("element", "Line").put("beats", 4);
        JsonNode blocks = call(200, post("/api/routines/work"), turned).get("blocks");
        assertThat(blocks.at("/0/timings")).hasSize(2);
        assertThat(blocks.at("/0/timings/0/id").asText()).isEmpty();
        assertThat(blocks.at("/0/timings/1/id").asText()).isEqualTo("guapacha");
        assertThat(blocks.at("/1/cautions/0").asText()).contains("back stays long");
    }

    @Test
    void saysForEveryFigureWhatToDoWhenBlocked() throws Exception {
        JsonNode ways =
                call(200, post("/api/routines/blocked"), demo("Ostermere").get("document"));
        assertThat(ways).hasSize(11);
        int found = 0;
        for (JsonNode way : ways) if (way.get("found").asBoolean()) found++;
        assertThat(found).isPositive();
    }

    @Test
    void replacesByWhatIsAsLongAndEveryProposalHolds() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        JsonNode fillers = call(
                200,
                post("/api/routines/fill").param("from", "1").param("to", "3").param("beats", "9"),
                routine);
        assertThat(fillers).isNotEmpty();
        for (JsonNode filler : fillers) {
            assertThat(filler.get("bars").asDouble()).isEqualTo(3);
            ObjectNode changed = routine.deepCopy();
            ArrayNode figures = (ArrayNode) changed.get("figures");
            figures.remove(1);
            figures.remove(1);
            int at = 1;
            for (JsonNode put : filler.get("figures")) figures.insert(at++, put);
            JsonNode work = call(200, post("/api/routines/work"), changed);
            assertThat(work.get("brokenJoins").asInt())
                    .as(filler.get("name").asText())
                    .isZero();
            assertThat(work.get("bars").asDouble()).isEqualTo(16);
        }
        call(
                422,
                post("/api/routines/fill").param("from", "9").param("to", "99").param("beats", "9"),
                routine);
        call(422, post("/api/routines/fill").param("from", "1").param("to", "2").param("beats", "-3"), routine);
    }

    @Test
    void keepsVersionsAndSaysInWhatTheyDiffer() throws Exception {
        ObjectNode view = demo("New opening");
        ObjectNode copy = ((ObjectNode) view.get("document")).put("name", "Versions");
        JsonNode made = call(201, post("/api/routines"), copy);
        String path = "/api/routines/" + made.get("id").asText();
        assertThat(call(201, post(path + "/versions"), Map.of("note", "as begun"))
                        .get("number")
                        .asInt())
                .isEqualTo(1);
        ObjectNode changed = (ObjectNode) made.get("document").deepCopy();
        changed.put("tempo", 30);
        ((ArrayNode) changed.get("figures"))
                .add(mapper.createObjectNode().put("element", "Slow bow").put("beats", 6));
        JsonNode changes = call(200, post(path + "/versions/1/difference"), changed);
        assertThat(changes).hasSize(2);
        assertThat(changes.at("/0/kind").asText()).isEqualTo("setting");
        assertThat(changes.at("/1/kind").asText()).isEqualTo("added");
        assertThat(changes.at("/1/after").asText()).isEqualTo("Slow bow, 6 beats");
        assertThat(call(200, get(path + "/versions"), null)).hasSize(1);
        call(404, post(path + "/versions/7/difference"), changed);
        call(204, delete(path), null);
        call(410, get(path), null);
        call(204, post("/api/bin/routine/" + made.get("id").asText()), null);
        assertThat(call(200, get(path), null).get("document")).isEqualTo(made.get("document"));
        assertThat(call(200, get(path + "/versions/1"), null)).isEqualTo(made.get("document"));
        call(204, delete(path), null);
    }

    @Test
    void anAcceptedJoinIsToldButNotCountedAsBroken() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Thursday").get("document");
        JsonNode before = call(200, post("/api/routines/work"), routine);
        int first = before.at("/joins/0/index").asInt();
        figure(routine, first).put("accepted", "We hesitate here on purpose");
        JsonNode after = call(200, post("/api/routines/work"), routine);
        assertThat(after.get("brokenJoins").asInt())
                .isEqualTo(before.get("brokenJoins").asInt() - 1);
        assertThat(after.at("/joins/0/accepted").asText()).isEqualTo("We hesitate here on purpose");
        assertThat(after.at("/joins/0/verdict").asText()).isNotEqualTo("yes");
    }

    @Test
    void repeatsStepsAsOftenAsTheChartAllowsAndNoMore() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        routine.put("dance", "quickstep");
        ArrayNode figures = routine.putArray("figures");
        ObjectNode lock =
                figures.addObject().put("figure", "quickstep.forward-lock").put("times", 1);
        JsonNode once = call(200, post("/api/routines/work"), routine);
        assertThat(once.at("/blocks/0/stretches/0/most").asInt()).isGreaterThan(2);
        lock.put("times", 3);
        JsonNode thrice = call(200, post("/api/routines/work"), routine);
        assertThat(thrice.get("bars").asDouble()).isGreaterThan(once.get("bars").asDouble());
        lock.put("times", once.at("/blocks/0/stretches/0/most").asInt() + 1);
        JsonNode tooOften = call(200, post("/api/routines/work"), routine);
        assertThat(tooOften.at("/blocks/0/missing").asText()).contains("has no such repeat");
    }

    @Test
    void repeatsTheStepsOfAVariantToo() throws Exception {
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        routine.put("dance", "jive");
        ArrayNode figures = routine.putArray("figures");
        ObjectNode walks = figures.addObject()
                .put("figure", "jive.walks")
                .put("variant", "odd")
                .put("times", 1);
        JsonNode once = call(200, post("/api/routines/work"), routine);
        assertThat(once.at("/blocks/0/stretches/0/steps").asText()).isEqualTo("3-8");
        assertThat(once.at("/blocks/0/beats").asDouble()).isEqualTo(8);
        walks.put("times", 4);
        JsonNode often = call(200, post("/api/routines/work"), routine);
        assertThat(often.at("/blocks/0/beats").asDouble()).isEqualTo(20);
        assertThat(often.at("/blocks/0/name").asText()).endsWith("4 times");
        walks.putArray("times").add(2).add(2);
        assertThat(call(200, post("/api/routines/work"), routine)
                        .at("/blocks/0/missing")
                        .asText())
                .contains("has no such repeat");
    }

    @Test
    void writesAMidiFileThatIsReadAsASongAgain() throws Exception {
        byte[] file = mvc.perform(post("/api/routines/midi")
                        .contentType("application/json")
                        .content(mapper.writeValueAsString(demo("Ostermere").get("document"))))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        JsonNode song = mapper.readTree(mvc.perform(post("/api/songs/midi")
                        .param("name", "Practice")
                        .contentType("audio/midi")
                        .content(file))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
        assertThat(song.at("/document/beatsPerBar").asInt()).isEqualTo(3);
        assertThat(song.at("/document/sections").findValuesAsText("name")).contains("Natural Turn", "Whisk");
    }

    @Test
    void setsARoutineToASongAndSaysWhereEverythingFalls() throws Exception {
        ObjectNode song = mapper.createObjectNode()
                .put("name", "Lantern")
                .put("beatsPerBar", 3)
                .put("phraseBars", 8);
        song.putArray("tempos").add(mapper.createObjectNode().put("bar", 1).put("barsPerMinute", 30));
        song.putArray("accents").add(mapper.createObjectNode().put("bar", 5).put("beat", 1));
        ArrayNode sections = song.putArray("sections");
        sections.add(section("Opening", 2, "introduction"));
        sections.add(section("Verse", 4, "dance"));
        sections.add(section("Second verse", 14, "dance"));
        JsonNode kept = call(201, post("/api/songs"), song);
        assertThat(kept.get("seconds").asDouble()).isEqualTo(40);
        ObjectNode routine = (ObjectNode) demo("Ostermere").get("document");
        routine.put("song", kept.get("id").asText());
        JsonNode fit = call(200, post("/api/routines/work"), routine).get("fit");
        assertThat(fit.get("songBar").asInt()).isEqualTo(3);
        assertThat(fit.at("/falls/1/bar").asInt()).isEqualTo(5);
        assertThat(fit.at("/falls/1/seconds").asDouble()).isEqualTo(8);
        assertThat(fit.get("spareBars").asDouble()).isEqualTo(2);
        assertThat(fit.get("meetings")).hasSize(2);
        assertThat(fit.get("accents")).hasSize(1);
        song.put("beatsPerBar", 4);
        String path = "/api/songs/" + kept.get("id").asText();
        call(200, put(path), Map.of("expectedVersion", 1, "document", song));
        call(409, put(path), Map.of("expectedVersion", 1, "document", song));
        assertThat(call(200, post("/api/routines/work"), routine)
                        .get("fitProblem")
                        .asText())
                .contains("4 beats a bar");
        call(204, delete(path), null);
        assertThat(call(200, post("/api/routines/work"), routine)
                        .get("fitProblem")
                        .asText())
                .contains("is gone");
        sections.removeAll();
        assertThat(call(422, post("/api/songs"), song).get("detail").asText()).contains("sections", "at least 1");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "waltz",
                "tango",
                "viennese-waltz",
                "foxtrot",
                "quickstep",
                "samba",
                "cha-cha",
                "rumba",
                "paso-doble",
                "jive"
            })
    void theDemoHasASoundRoutineOfSixteenBarsForEveryDance(String dance) throws Exception {
        List<String> moving = List.of("waltz", "tango", "viennese-waltz", "foxtrot", "quickstep");
        int sound = 0;
        int circuits = 0;
        for (JsonNode summary :
                call(200, get("/api/routines").param("dance", dance), null).get("lines")) {
            JsonNode routine = call(
                            200, get("/api/routines/" + summary.get("id").asText()), null)
                    .get("document");
            JsonNode work = call(200, post("/api/routines/work"), routine);
            if (work.get("brokenJoins").asInt() > 0 || work.get("bars").asDouble() < 16) continue;
            sound++;
            if (work.at("/blocks/0").has("figure")) {
                assertThat(work.at("/blocks/0/beat").asText())
                        .isEqualTo(List.of("rumba", "cha-cha").contains(dance) ? "2" : "1");
            }
            if (routine.hasNonNull("song")) {
                assertThat(work.at("/fit/spareBars").asDouble())
                        .as(routine.get("name").asText())
                        .isZero();
                for (JsonNode meeting : work.at("/fit/meetings"))
                    assertThat(meeting.get("late").asDouble()).isZero();
            }
            boolean competitionFloor = routine.at("/floor/length").asDouble() == 24
                    && routine.at("/floor/width").asDouble() == 14;
            if (!competitionFloor || !moving.contains(dance)) continue;
            JsonNode circuit = call(200, post("/api/routines/circuit"), routine);
            if (circuit.get("closes").asBoolean() && circuit.get("outside").asDouble() == 0) circuits++;
        }
        assertThat(sound).isPositive();
        if (moving.contains(dance)) assertThat(circuits).isPositive();
    }

    private ObjectNode section(String name, int bars, String kind) {
        return mapper.createObjectNode().put("name", name).put("bars", bars).put("kind", kind);
    }
}
