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
import org.junit.jupiter.api.Test;

class PracticeApiTest extends RecordCalls {
    private static final LocalDate TODAY = LocalDate.now();

    private ObjectNode practice(String whom, int days, int minutes) {
        ObjectNode practice = mapper.createObjectNode();
        practice.putObject("with").put("kind", "couple").put("id", whom).put("name", whom);
        practice.putObject("aim")
                .put("name", "Medal test")
                .put("day", TODAY.plusDays(days).toString());
        ObjectNode week = practice.putObject("week");
        for (String day : List.of("monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"))
            week.put(day, minutes);
        return practice;
    }

    private JsonNode planned(JsonNode practice, LocalDate today) throws Exception {
        return call(200, post("/api/practice-plans?today=" + today), practice);
    }

    private static List<JsonNode> work(JsonNode document, String date) {
        List<JsonNode> work = new ArrayList<>();
        for (JsonNode day : document.get("days")) {
            if (!day.get("date").asText().equals(date)) continue;
            day.get("parts").forEach(part -> {
                if (part.has("kind")) work.add(part);
            });
        }
        return work;
    }

    @Test
    void theDemoCoupleHasAPlanWithAMissedDayUntilItsEventInNineteenDays() throws Exception {
        JsonNode line = call(200, get("/api/practices?from=" + TODAY), null).at("/lines/0");
        assertThat(line.get("name").asText()).isEqualTo("Ines and Tobin");
        assertThat(line.get("day").asText()).isEqualTo(TODAY.plusDays(19).toString());
        assertThat(line.get("done").asInt()).isPositive();
        JsonNode document = call(200, get("/api/practices/" + line.get("id").asText()), null)
                .get("document");
        JsonNode planned = planned(document, TODAY);
        // Nothing has happened since it was planned.
        assertThat(planned.at("/document/days")).isEqualTo(document.get("days"));
        // What gave way was told when it did, and is not told again.
        assertThat(document.get("gaveWay").toString()).contains("fewer than planned");
        assertThat(planned.at("/document/gaveWay")).isEmpty();
        assertThat(planned.get("worth").asInt()).isEqualTo(planned.get("bound").asInt());
        assertThat(planned.get("worth").asInt())
                .isGreaterThanOrEqualTo(planned.get("greedy").asInt());
    }

    @Test
    void whatIsWeakInTheLogIsPractisedWithItsReasonAndALadderFromTheTempoLastDancedClean() throws Exception {
        String couple = couple("Orla and Finn", dancer("Orla Best"), dancer("Finn Hale"));
        jot(201, "orla finn waltz whisk clean at 24");
        jot(201, "orla finn waltz whisk 2 lady late, listen");
        ObjectNode practice = practice(couple, 12, 30);
        practice.withArray("wanted")
                .addObject()
                .put("kind", "figure")
                .put("id", "waltz.whisk")
                .put("name", "Whisk")
                .put("emphasis", "usual");
        JsonNode planned = planned(practice, TODAY);
        JsonNode first = work(planned.get("document"), TODAY.toString()).get(0);
        assertThat(first.get("purpose").asText()).isEqualTo("weak");
        assertThat(first.get("why").asText()).contains("late", "step 2", "1 of 2 runs", "listen");
        assertThat(first.get("row").asInt()).isEqualTo(2);
        assertThat(first.get("from").asDouble()).isEqualTo(24);
        assertThat(first.get("to").asDouble()).isGreaterThan(24);
        jot(201, "orla finn waltz whisk clean at 26");
        JsonNode after = planned(practice, TODAY);
        assertThat(work(after.get("document"), TODAY.toString())
                        .get(0)
                        .get("from")
                        .asDouble())
                .isEqualTo(26);
    }

    @Test
    void aMissedDayIsMissedAndTheRestPlannedAnew() throws Exception {
        String couple = couple("Bram and Tess", dancer("Bram Ode"), dancer("Tess Fenn"));
        ObjectNode practice = practice(couple, 10, 15);
        for (String figure : List.of("waltz.whisk", "waltz.natural-turn", "waltz.reverse-turn"))
            practice.withArray("wanted")
                    .addObject()
                    .put("kind", "figure")
                    .put("id", figure)
                    .put("name", figure)
                    .put("emphasis", "usual");
        JsonNode first = planned(practice, TODAY).get("document");
        JsonNode next = planned(first, TODAY.plusDays(1));
        assertThat(work(next.get("document"), TODAY.toString()))
                .isNotEmpty()
                .allSatisfy(part -> assertThat(part.get("state").asText()).isEqualTo("missed"));
        assertThat(next.at("/document/gaveWay").toString()).contains("fewer than planned");
        assertThat(next.get("kept").asInt()).isGreaterThan(next.get("moved").asInt());
    }

    @Test
    void whatIsDoneByADrillIsKeptWithTheCoupleAndForgottenWithIt() throws Exception {
        String alone = dancer("Wim Sole");
        String couple = couple("Wim", alone);
        ObjectNode practice = practice(couple, 5, 30);
        JsonNode drill = call(200, get("/api/drills"), null).at("/lines/0");
        practice.withArray("wanted")
                .addObject()
                .put("kind", "drill")
                .put("id", drill.get("id").asText())
                .put("name", drill.get("name").asText())
                .put("emphasis", "more");
        JsonNode document = planned(practice, TODAY).get("document");
        assertThat(work(document, TODAY.toString()))
                .anyMatch(part -> part.get("kind").asText().equals("drill"));
        String id = call(201, post("/api/practices"), document).get("id").asText();
        ObjectNode save = mapper.createObjectNode().put("expectedVersion", 1);
        call(200, put("/api/practices/" + id), save.set("document", document));
        String everything = mvc.perform(get("/api/dancers/" + alone + "/everything"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(everything).contains("Medal test");
        call(204, delete("/api/dancers/" + alone + "/everything"), null);
        call(404, get("/api/practices/" + id), null);
    }

    @Test
    void tooFarAheadAndNobodyAreRefusedWithTheWayOut() throws Exception {
        assertThat(call(422, post("/api/practice-plans?today=" + TODAY), practice("ines-and-tobin", 300, 30))
                        .get("detail")
                        .asText())
                .contains("120 days at most");
        assertThat(call(404, post("/api/practice-plans?today=" + TODAY), practice("nobody", 10, 30))
                        .get("detail")
                        .asText())
                .contains("There is no couple or group");
        call(422, post("/api/practice-plans?today=tomorrow"), practice("ines-and-tobin", 10, 30));
        JsonNode over = planned(practice("ines-and-tobin", -3, 30), TODAY);
        assertThat(over.at("/document/days")).isEmpty();
    }

    @Test
    void theDaysToComeGoOutAsACalendarFile() throws Exception {
        JsonNode line = call(200, get("/api/practices?from=" + TODAY), null).at("/lines/0");
        var response = mvc.perform(get("/api/practices/" + line.get("id").asText() + "/calendar"))
                .andReturn()
                .getResponse();
        assertThat(response.getContentType()).startsWith("text/calendar");
        assertThat(response.getHeader("Content-Disposition")).contains("practice.ics");
        assertThat(response.getContentAsString())
                .contains("SUMMARY:Ostermere Plate\\, heats")
                .contains(TODAY.plusDays(19).toString().replace("-", ""))
                .doesNotContain(
                        "DTSTART;VALUE=DATE:" + TODAY.minusDays(1).toString().replace("-", ""));
    }
}
