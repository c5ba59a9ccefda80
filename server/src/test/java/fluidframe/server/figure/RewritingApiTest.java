package fluidframe.server.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.server.ApiCalls;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Proposals that write a whole chart anew. */
class RewritingApiTest extends ApiCalls {
    private JsonNode chart(String id) throws Exception {
        return call(200, get("/api/figures/" + id), null).get("document");
    }

    @Test
    void sharesATurnByTheRowsInOneOfItsWays() throws Exception {
        JsonNode chart = chart("waltz.natural-turn");
        JsonNode ways = call(200, post("/api/proposals/shares"), Map.of("chart", chart, "role", "man", "step", 3));
        assertThat(ways).extracting(JsonNode::asText).contains("1/8, 1/4 on steps 2 to 3");
        JsonNode shared = call(
                200,
                post("/api/proposals/share"),
                Map.of("chart", chart, "role", "man", "step", 3, "way", "1/8, 1/4 on steps 2 to 3"));
        assertThat(shared.at("/chart/man/1/turn").asText()).isEqualTo("1/8 R");
        assertThat(shared.at("/chart/man/1/align").asText()).isEqualTo("backing centre");
        assertThat(shared.at("/chart/man/2/align").asText()).isEqualTo("backing LOD");
        JsonNode refused = call(
                200,
                post("/api/proposals/share"),
                Map.of("chart", chart, "role", "man", "step", 3, "way", "all of it"));
        assertThat(refused.has("chart")).isFalse();
        assertThat(refused.get("words").asText()).contains("look at its ways anew");
    }

    @Test
    void growsByWholeBarsAndNoCountRunsPastTheBar() throws Exception {
        JsonNode basic = chart("rumba.closed-basic-movement");
        assertThat(basic.at("/man/2/count").asText()).isEqualTo("4.1");
        JsonNode longer = call(200, post("/api/proposals/timing"), lengthen(basic, "1"));
        assertThat(longer.at("/chart/man/2/count").asText()).isEqualTo("4.1.2.3.4.1");
        call(422, post("/api/proposals/timing"), lengthen(basic, "half"));
    }

    private static Map<String, Object> lengthen(JsonNode chart, String bars) {
        return Map.of("chart", chart, "role", "man", "how", "lengthen", "step", 3, "by", bars, "otherStep", 0);
    }
}
