package fluidframe.server.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.server.ApiCalls;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MvcResult;

class PlanApiTest extends ApiCalls {
    private static final Duration LONGEST = Duration.ofMinutes(3);
    private static final int BETWEEN_MILLIS = 20;

    private static Map<String, Object> plan(String dance, int bars, List<String> required) {
        Map<String, Object> plan = new HashMap<>(Map.of(
                "dance",
                dance,
                "bars",
                bars,
                "allowed",
                List.of(),
                "required",
                required,
                "atMost",
                Map.of(),
                "closes",
                false,
                "phraseBars",
                8,
                "highlights",
                List.of(),
                "wanted",
                3));
        plan.put("eachAtMost", 0);
        plan.put("moments", List.of());
        plan.put("apart", 0);
        plan.put(
                "weights",
                Map.of("customary", 3, "highlight", 5, "variety", 4, "travel", 1, "sides", 1, "change", 0, "build", 0));
        return plan;
    }

    private JsonNode answered(Map<String, Object> plan) throws Exception {
        return answeredTo(call(202, post("/api/plans"), plan).get("id").asText());
    }

    private JsonNode answeredTo(String id) throws Exception {
        JsonNode view = call(200, get("/api/plans/" + id), null);
        Instant until = Instant.now().plus(LONGEST);
        // However busy the machine is: a number of questions is over sooner the quicker they are answered.
        while (List.of("waiting", "working").contains(view.get("state").asText())
                && Instant.now().isBefore(until)) {
            Thread.sleep(BETWEEN_MILLIS);
            view = call(200, get("/api/plans/" + id), null);
        }
        return view;
    }

    @Test
    void composesSixteenBarsOfRumbaRoundAFan() throws Exception {
        JsonNode view = answered(plan("rumba", 16, List.of("rumba.fan", "rumba.hockey-stick")));
        assertThat(view.get("state").asText()).isEqualTo("done");
        assertThat(view.get("proposals")).hasSize(3);
        assertThat(view.get("proposals").get(0).get("figures").findValuesAsText("figure"))
                .contains("rumba.fan", "rumba.hockey-stick");
        double bars = 0;
        for (JsonNode piece : view.get("proposals").get(0).get("pieces"))
            bars += piece.get("bars").asDouble();
        assertThat(bars).isEqualTo(16);
        assertThat(new java.math.BigInteger(view.get("count").asText())).isPositive();
    }

    @Test
    void dancesNoFigureTooOftenAndSaysWhatItLimited() throws Exception {
        Map<String, Object> plan = plan("foxtrot", 20, List.of());
        plan.put("eachAtMost", 2);
        JsonNode view = answered(plan);
        assertThat(view.get("varied").asBoolean()).isTrue();
        assertThat(view.get("limited").toString()).contains("Feather Step");
        for (JsonNode proposal : view.get("proposals")) {
            List<String> figures = proposal.get("figures").findValuesAsText("figure");
            for (String figure : figures) {
                assertThat(java.util.Collections.frequency(figures, figure)).isLessThanOrEqualTo(2);
            }
        }
    }

    @Test
    void composesForAFloorAndSaysWhereItLiesAndHowGoodAnyCanBe() throws Exception {
        Map<String, Object> plan = plan("waltz", 32, List.of("waltz.whisk"));
        plan.put("closes", true);
        plan.put("eachAtMost", 3);
        plan.put("ground", Map.of("length", 24, "width", 14, "stride", 0.72, "share", 0.8));
        plan.put("wanted", 1);
        JsonNode view = answered(plan);
        JsonNode proposal = view.get("proposals").get(0);
        assertThat(proposal.get("laid").get("times").asInt()).isEqualTo(2);
        for (JsonNode share : proposal.get("laid").get("shares")) {
            assertThat(share.asInt()).isBetween(80, 100);
        }
        assertThat(view.get("bound").asInt())
                .isGreaterThanOrEqualTo(proposal.get("score").asInt());
        plan.put("ground", Map.of("length", 2, "width", 14, "stride", 0.72, "share", 0.8));
        assertThat(call(422, post("/api/plans"), plan).toString()).contains("2.0 x 14.0");
        Map<String, Object> spot = plan("rumba", 8, List.of());
        spot.put("ground", Map.of("length", 24, "width", 14, "stride", 0.5, "share", 0));
        assertThat(answered(spot).get("message").asText()).contains("stays where it begins");
    }

    @Test
    void namesTheFiguresOfAContradiction() throws Exception {
        JsonNode view = answered(plan("waltz", 1, List.of("waltz.natural-turn")));
        assertThat(view.get("proposals")).isEmpty();
        assertThat(view.get("contradiction").toString())
                .contains("Natural Turn must be danced")
                .contains("1 bar");
    }

    @Test
    void refusesWhatNoDanceHasAndForgetsWhatWasNeverAsked() throws Exception {
        assertThat(answered(plan("waltz", 8, List.of("waltz.moonwalk")))
                        .get("message")
                        .asText())
                .contains("waltz.moonwalk");
        call(400, post("/api/plans"), plan("waltz", 500, List.of()));
        call(404, get("/api/plans/none"), null);
        call(404, delete("/api/jobs/none"), null);
    }

    @Test
    void tellsHowFarAPlanIsUntilItIsOver() throws Exception {
        String id = call(202, post("/api/plans"), plan("waltz", 8, List.of()))
                .get("id")
                .asText();
        MvcResult watched = mvc.perform(get("/api/jobs/" + id + "/events")).andReturn();
        answeredTo(id);
        String told = watched.getResponse().getContentAsString();
        assertThat(told).contains("\"state\":\"done\"").contains("\"share\":1.0");
        assertThat(call(200, get("/api/jobs/" + id), null).get("ahead").asInt()).isZero();
    }
}
