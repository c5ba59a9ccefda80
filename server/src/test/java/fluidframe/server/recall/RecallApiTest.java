package fluidframe.server.recall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RecallApiTest extends ApiCalls {
    private static final String CARD = "waltz.natural-turn~man~2~turn";

    private String dancer(String name) throws Exception {
        ObjectNode document = mapper.createObjectNode().put("name", name);
        return call(201, post("/api/dancers"), document).get("id").asText();
    }

    private JsonNode judged(int status, String card, String given) throws Exception {
        ObjectNode body = mapper.createObjectNode().put("card", card).put("given", given);
        return call(status, post("/api/recall/judge"), body);
    }

    private ObjectNode answer(String who, String card, String given, String grade) {
        return mapper.createObjectNode()
                .put("who", who)
                .put("card", card)
                .put("given", given)
                .put("grade", grade)
                .put("wanted", 0.9);
    }

    private JsonNode sitting(String who, String query) throws Exception {
        return call(200, get("/api/recall/sitting?who=" + who + "&" + query), null);
    }

    @Test
    void whatIsAnsweredIsAskedLaterAndWhatIsMissedSoon() throws Exception {
        String who = dancer("Elin Marsk");
        JsonNode first = sitting(who, "dance=waltz&role=man&ask=turn&most=5&mostFresh=3");
        assertThat(first.get("questions")).hasSize(3);
        assertThat(first.get("due").asInt()).isZero();
        assertThat(first.findValuesAsText("answer")).isEmpty();
        int fresh = first.get("fresh").asInt();
        JsonNode kept = call(200, post("/api/recall/answers"), answer(who, CARD, "quarter right", "good"));
        assertThat(kept.at("/judged/verdict").asText()).isEqualTo("right");
        assertThat(kept.get("days").asInt()).isEqualTo(2);
        assertThat(kept.get("stability").asDouble()).isEqualTo(2.307);
        JsonNode missed =
                call(200, post("/api/recall/answers"), answer(who, "waltz.natural-turn~man~3~turn", "1/4 L", "easy"));
        assertThat(missed.at("/judged/answer").asText()).isEqualTo("1/8 R");
        assertThat(missed.get("days").asInt()).isZero();
        assertThat(Instant.parse(missed.get("due").asText()))
                .isBefore(Instant.now().plusSeconds(180));
        JsonNode then = sitting(who, "dance=waltz&role=man&ask=turn&mostFresh=0");
        assertThat(then.get("questions")).isEmpty();
        assertThat(then.get("fresh").asInt()).isEqualTo(fresh - 2);
        assertThat(then.has("next")).isTrue();
        JsonNode progress = call(200, get("/api/recall/progress?who=" + who), null);
        assertThat(progress).hasSize(1);
        assertThat(progress.at("/0/sound").asInt()).isEqualTo(1);
        assertThat(progress.at("/0/answers").asInt()).isEqualTo(2);
        assertThat(progress.at("/0/high").asDouble()).isGreaterThan(0.9);
        assertThat(call(200, get("/api/recall/progress"), null).toString()).doesNotContain(who);
    }

    @Test
    void anAnswerThatCannotBeReadMayBeSaidAgainAndIsNotKept() throws Exception {
        String who = dancer("Nils Orde");
        JsonNode unread = judged(200, CARD, "somehow");
        assertThat(unread.get("verdict").asText()).isEqualTo("unread");
        assertThat(unread.get("why").asText()).contains("somehow");
        assertThat(unread.has("answer")).isFalse();
        assertThat(judged(200, CARD, "").get("verdict").asText()).isEqualTo("wrong");
        call(422, post("/api/recall/answers"), answer(who, CARD, "somehow", "good"));
        assertThat(call(200, get("/api/recall/progress?who=" + who), null)).isEmpty();
        assertThat(judged(404, "waltz.no-figure~man~1~turn", "1/4 R").toString())
                .contains("no-figure");
        call(404, post("/api/recall/answers"), answer("nobody", CARD, "1/4 R", "good"));
        call(422, post("/api/recall/answers"), answer(who, CARD, "1/4 R", "splendid"));
        call(
                422,
                post("/api/recall/answers"),
                answer(who, CARD, "1/4 R", "good").put("wanted", 0.2));
        call(422, get("/api/recall/sitting?dance=hopping"), null);
        call(422, get("/api/recall/sitting?ask=shoes"), null);
        call(422, get("/api/recall/sitting?most=5000"), null);
    }

    @Test
    void aPaperIsTheSameForTheSameSeedAndIsMarkedByColumn() throws Exception {
        String who = dancer("Petra Holm");
        String paper = "/api/recall/paper?dance=rumba&ask=footwork,position&most=12&seed=";
        JsonNode questions = call(200, get(paper + 5), null);
        assertThat(questions).hasSize(12).isEqualTo(call(200, get(paper + 5), null));
        assertThat(questions).isNotEqualTo(call(200, get(paper + 6), null));
        ObjectNode answers = mapper.createObjectNode().put("who", who);
        ArrayNode given = answers.putArray("answers");
        int nth = 0;
        for (JsonNode question : questions) {
            String right =
                    judged(200, question.get("id").asText(), "").get("answer").asText();
            given.addObject().put("card", question.get("id").asText()).put("given", nth % 3 == 0 ? "" : right);
            nth++;
        }
        JsonNode sheet = call(200, post("/api/recall/marks"), answers);
        assertThat(sheet.get("sound").asInt()).isEqualTo(8);
        assertThat(sheet.get("of").asInt()).isEqualTo(12);
        int of = 0;
        for (JsonNode mark : sheet.get("marks")) of += mark.get("of").asInt();
        assertThat(of).isEqualTo(12);
        assertThat(sheet.get("weakest")).isNotEmpty();
        assertThat(sitting(who, "dance=rumba").get("due").asInt()).isZero();
        given.addObject().put("card", "rumba.none~man~1~turn").put("given", "1");
        long before = call(200, get("/api/recall/progress?who=" + who), null)
                .at("/0/answers")
                .asLong();
        call(404, post("/api/recall/marks"), answers);
        assertThat(call(200, get("/api/recall/progress?who=" + who), null)
                        .at("/0/answers")
                        .asLong())
                .isEqualTo(before);
    }

    @Test
    void aChartThatChangesChangesItsAnswer() throws Exception {
        String card = "tango.brush-tap~man~1~step";
        String before = judged(200, card, "").get("answer").asText();
        JsonNode chart = call(200, get("/api/figures/tango.brush-tap"), null);
        ObjectNode document = chart.get("document").deepCopy();
        String other = before.equals("forward") ? "side" : "forward";
        ((ObjectNode) document.at("/man/0")).put("place", other);
        ObjectNode save = mapper.createObjectNode()
                .put("expectedVersion", chart.get("version").asLong())
                .put("note", "another way");
        save.set("document", document);
        call(200, put("/api/figures/tango.brush-tap"), save);
        assertThat(judged(200, card, other).get("verdict").asText()).isEqualTo("right");
        call(204, delete("/api/figures/tango.brush-tap"), null);
        assertThat(judged(200, card, before).get("verdict").asText()).isEqualTo("right");
    }

    @Test
    void manyAnswersAtOnceAreAllKeptAndForgottenWithTheirDancer() throws Exception {
        String who = dancer("Ansgar Tull");
        ExecutorService hands = Executors.newFixedThreadPool(6);
        try {
            List<Callable<JsonNode>> all = IntStream.range(0, 24)
                    .<Callable<JsonNode>>mapToObj(
                            i -> () -> call(200, post("/api/recall/answers"), answer(who, CARD, "1/4 R", "good")))
                    .toList();
            for (Future<JsonNode> one : hands.invokeAll(all)) one.get();
        } finally {
            hands.shutdown();
        }
        JsonNode line = call(200, get("/api/recall/progress?who=" + who), null).get(0);
        assertThat(line.get("answers").asInt()).isEqualTo(24);
        assertThat(line.get("seen").asInt()).isEqualTo(1);
        assertThat(call(200, get("/api/dancers/" + who + "/everything/touched"), null)
                        .toString())
                .contains("24 answers to questions");
        assertThat(mvc.perform(get("/api/dancers/" + who + "/everything"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains(CARD, "seen: 24");
        call(204, delete("/api/dancers/" + who + "/everything"), null);
        call(404, get("/api/recall/sitting?who=" + who), null);
    }
}
