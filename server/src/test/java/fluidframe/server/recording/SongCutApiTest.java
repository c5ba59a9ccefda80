package fluidframe.server.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import org.junit.jupiter.api.Test;

/** Bars left out of a song that is too long. */
class SongCutApiTest extends ApiCalls {
    @Test
    void aSongThatIsTooLongIsCutAtItsPhrases() throws Exception {
        JsonNode song = call(200, get("/api/songs/salt-and-lamplight"), null).get("document");
        JsonNode cuts = call(200, post("/api/recordings/cuts?bars=14"), song);
        JsonNode best = cuts.get(0);
        assertThat(best.get("bars").asInt()).isEqualTo(8);
        assertThat(best.at("/document/recording/beats")).hasSize(14 * 4);
        double gone = best.get("ends").asDouble() - best.get("begins").asDouble();
        assertThat(best.at("/document/recording/seconds").asDouble())
                .isCloseTo(song.at("/recording/seconds").asDouble() - gone, within(2e-3));
        assertThat(call(422, post("/api/recordings/cuts?bars=20"), song)
                        .get("detail")
                        .asText())
                .contains("at most 14 can be left of it");
    }

    /** A name as long as a name may be, and parts written beyond the end of the recording. */
    @Test
    void anOddSongIsCutAndKept() throws Exception {
        ObjectNode song = (ObjectNode)
                call(200, get("/api/songs/salt-and-lamplight"), null).get("document");
        song.remove("id");
        song.put("name", "x".repeat(120));
        ((ArrayNode) song.get("sections")).removeAll();
        song.withArray("sections")
                .addObject()
                .put("name", "All")
                .put("bars", 60)
                .put("kind", "dance");
        JsonNode cuts = call(200, post("/api/recordings/cuts?bars=44"), song);
        assertThat(cuts).isNotEmpty();
        for (JsonNode cut : cuts) {
            JsonNode kept = call(201, post("/api/songs"), cut.get("document"));
            assertThat(kept.get("bars").asInt()).isEqualTo(44);
            assertThat(kept.at("/document/name").asText()).hasSize(115).endsWith(", cut");
        }
    }
}
