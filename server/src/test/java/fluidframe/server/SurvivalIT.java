package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What has been acknowledged survives a kill -9; deep links and unknown paths answer as they should. */
class SurvivalIT {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    @TempDir
    private Path data;

    @Test
    void keepsEveryAcknowledgedSaveThroughAKill() throws Exception {
        int saved = 0;
        for (int round = 0; round < 3; round++) {
            try (RunningApp app = RunningApp.start(data)) {
                JsonNode figure = MAPPER.readTree(
                        app.send("GET", "/api/figures/waltz.whisk", null).body());
                assertThat(figure.get("version").asInt()).isEqualTo(saved);
                if (round > 0)
                    assertThat(figure.at("/draft/chart/man/0/note").asText()).isEqualTo("draft " + round);
                for (int i = 0; i < 8; i++) {
                    ObjectNode chart = figure.get("chart").deepCopy();
                    ((ObjectNode) chart.at("/man/0")).put("note", "save " + saved);
                    ObjectNode save = MAPPER.createObjectNode()
                            .put("expectedVersion", saved)
                            .put("note", "");
                    save.set("chart", chart);
                    assertThat(app.send("PUT", "/api/figures/waltz.whisk", save.toString())
                                    .statusCode())
                            .isEqualTo(200);
                    saved++;
                }
                ObjectNode unsaved = figure.get("chart").deepCopy();
                ((ObjectNode) unsaved.at("/man/0")).put("note", "draft " + (round + 1));
                ObjectNode draft = MAPPER.createObjectNode().put("baseVersion", saved);
                draft.set("chart", unsaved);
                assertThat(app.send("PUT", "/api/figures/waltz.whisk/draft", draft.toString())
                                .statusCode())
                        .isEqualTo(204);
                app.kill();
            }
        }
        try (RunningApp app = RunningApp.start(data)) {
            JsonNode figure = MAPPER.readTree(
                    app.send("GET", "/api/figures/waltz.whisk", null).body());
            assertThat(figure.get("version").asInt()).isEqualTo(24);
            assertThat(figure.at("/chart/man/0/note").asText()).isEqualTo("save 23");
            assertThat(app.send("GET", "/figures/waltz.whisk", null).body()).contains("<title>Fluid Frame</title>");
            assertThat(app.send("GET", "/api/nothing", null).statusCode()).isEqualTo(404);
            assertThat(app.send("GET", "/_app/immutable/none.js", null).statusCode())
                    .isEqualTo(404);
        }
    }
}
