package fluidframe.server.links;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.util.List;
import org.junit.jupiter.api.Test;

class LinkApiTest extends ApiCalls {
    private JsonNode pair(String before, String after) throws Exception {
        return call(200, get("/api/links/pair").param("before", before).param("after", after), null);
    }

    @Test
    void saysWhyNotWithBothSidesValues() throws Exception {
        JsonNode no = pair("waltz.natural-turn", "waltz.reverse-turn");
        assertThat(no.get("verdict").asText()).isEqualTo("no");
        JsonNode failing = null;
        for (JsonNode condition : no.get("conditions")) {
            if (!condition.get("holds").asBoolean() && failing == null) failing = condition;
        }
        assertThat(failing).isNotNull();
        assertThat(failing.get("reason").asText()).contains("RF is free");
        assertThat(failing.get("left").asText())
                .isNotEqualTo(failing.get("wanted").asText());
        JsonNode yes = pair("waltz.natural-turn", "waltz.closed-change-right");
        assertThat(yes.get("verdict").asText()).isEqualTo("yes");
        assertThat(yes.get("customary").asBoolean()).isTrue();
        call(422, get("/api/links/pair").param("before", "waltz.whisk").param("after", "rumba.fan"), null);
        call(404, get("/api/links/pair").param("before", "waltz.tumble").param("after", "rumba.fan"), null);
    }

    @Test
    void mapsADanceOnceEachWay() throws Exception {
        JsonNode map = call(200, get("/api/links/map").param("dance", "waltz"), null);
        int figures = map.get("names").size();
        assertThat(figures).isGreaterThan(20);
        for (String side : new String[] {"beginnings", "endings"}) {
            int listed = 0;
            for (JsonNode band : map.get(side)) listed += band.get("figures").size();
            assertThat(listed).isEqualTo(figures);
        }
        assertThat(map.get("cells").size()).isGreaterThan(figures).isLessThan(figures * figures);
    }

    @Test
    void whatLeadsOutOfAFigureIsWhatLeadsIntoTheNext() throws Exception {
        JsonNode around = call(200, get("/api/links/around").param("figure", "waltz.whisk"), null);
        assertThat(around.at("/out/0/verdict").asText()).isEqualTo("yes");
        assertThat(around.at("/out/0/customary").asBoolean()).isTrue();
        String next = around.at("/out/0/way/key").asText();
        JsonNode back = call(200, get("/api/links/around").param("figure", next), null);
        assertThat(back.get("into").findValuesAsText("key")).contains("waltz.whisk");
    }

    @Test
    void everyPracticeLoopHoldsWhenItIsDancedTwice() throws Exception {
        JsonNode loops = call(200, get("/api/links/loops").param("figure", "waltz.natural-turn"), null);
        assertThat(loops).isNotEmpty();
        for (JsonNode loop : loops) {
            ObjectNode routine = mapper.createObjectNode()
                    .put("name", "Loop")
                    .put("dance", "waltz")
                    .put("tempo", 29)
                    .put("note", "");
            routine.putObject("floor")
                    .put("length", 60)
                    .put("width", 60)
                    .put("startX", 30)
                    .put("startY", 30)
                    .put("stride", 0.7);
            ArrayNode figures = routine.putArray("figures");
            for (int time = 0; time < 2; time++) {
                for (JsonNode step : loop.get("figures")) {
                    ObjectNode placed = step.deepCopy();
                    placed.remove("name");
                    if (figures.isEmpty()) placed.put("corner", false);
                    figures.add(placed);
                }
            }
            JsonNode work = call(200, post("/api/routines/work"), routine);
            assertThat(work.get("brokenJoins").asInt()).as(loop.toString()).isZero();
        }
    }

    @Test
    void namesEveryWayOfDancingAFigureByAKeyOfItsOwn() throws Exception {
        for (String figure : List.of("rumba.new-york", "jive.walks", "waltz.natural-turn")) {
            JsonNode ways = call(200, get("/api/links/around").param("figure", figure), null)
                    .get("ways");
            List<String> keys = ways.findValuesAsText("key");
            assertThat(keys).as(figure).doesNotHaveDuplicates().first().isEqualTo(figure);
            for (int i = 0; i < ways.size(); i++) {
                JsonNode way = call(200, get("/api/links/around").param("figure", keys.get(i)), null)
                        .get("way");
                assertThat(way.get("name")).isEqualTo(ways.get(i).get("name"));
            }
        }
    }
}
