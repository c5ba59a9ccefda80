package fluidframe.server.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import fluidframe.server.StudioRows;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;

class IntakeApiTest extends ApiCalls {
    private static final String SONG = "format: fluidframe/song@1\nid: %s\nname: %s\nbeatsPerBar: 3\nphraseBars: 8\n"
            + "sections: [{name: Verse, bars: 16, kind: dance}]\ntempos: [{bar: 1, barsPerMinute: 29}]\n";

    @Autowired
    private DataSource source;

    private JsonNode look(String name, String file) throws Exception {
        return look(name, file.getBytes(StandardCharsets.UTF_8));
    }

    private ObjectNode choice(JsonNode looked, String how) {
        ObjectNode choice = mapper.createObjectNode().put("file", "a file");
        ArrayNode things = choice.putArray("things");
        looked.get("things").forEach(thing -> things.add(chosen(thing, how)));
        return choice;
    }

    private ObjectNode chosen(JsonNode thing, String how) {
        ObjectNode one = mapper.createObjectNode()
                .put("kind", thing.get("kind").asText())
                .put("id", thing.get("id").asText())
                .put("how", how);
        if (thing.has("document")) one.set("document", thing.get("document"));
        if (thing.has("backup")) one.set("backup", thing.get("backup"));
        return one;
    }

    @Test
    void aFileIsComparedTakenAndUndone() throws Exception {
        Map<String, List<String>> before = StudioRows.of(source);
        JsonNode looked = look("a.yaml", SONG.formatted("brook-song", "Brook song"));
        assertThat(looked.at("/things/0/state").asText()).isEqualTo("new");
        assertThat(StudioRows.of(source)).isEqualTo(before);
        JsonNode first = call(201, post("/api/intake"), choice(looked, "take"));

        assertThat(look("a.yaml", SONG.formatted("brook-song", "Brook song"))
                        .at("/things/0/state")
                        .asText())
                .isEqualTo("same");
        JsonNode other = look("a.yaml", SONG.formatted("brook-song", "Brook song in spring"));
        assertThat(other.at("/things/0/state").asText()).isEqualTo("different");
        assertThat(other.at("/things/0/differences").findValuesAsText("after")).contains("Brook song in spring");

        JsonNode second = call(201, post("/api/intake"), choice(other, "take"));
        assertThat(call(200, get("/api/songs/brook-song"), null)
                        .at("/document/name")
                        .asText())
                .isEqualTo("Brook song in spring");
        assertThat(call(200, get("/api/songs/brook-song/versions"), null).findValuesAsText("note"))
                .contains("before a file was taken in");
        call(204, post("/api/intake/undo"), second);
        assertThat(call(200, get("/api/songs/brook-song"), null)
                        .at("/document/name")
                        .asText())
                .isEqualTo("Brook song");

        JsonNode beside = call(201, post("/api/intake"), choice(other, "both"));
        String id = beside.at("/taken/0/id").asText();
        assertThat(call(200, get("/api/songs/" + id), null).at("/document/name").asText())
                .isEqualTo("Brook song in spring (2)");
        call(204, post("/api/intake/undo"), beside);
        call(410, get("/api/songs/" + id), null);
        call(404, post("/api/intake/undo"), beside);
        call(422, post("/api/intake/undo"), first);
        call(204, delete("/api/songs/brook-song"), null);
    }

    @Test
    void whatLiesInTheBinComesOutOfItAndGoesBack() throws Exception {
        String file = SONG.formatted("binned-song", "Binned");
        call(201, post("/api/intake"), choice(look("a.yaml", file), "take"));
        call(204, delete("/api/songs/binned-song"), null);
        JsonNode looked = look("a.yaml", file);
        assertThat(looked.at("/things/0/state").asText()).isEqualTo("binned");
        JsonNode receipt = call(201, post("/api/intake"), choice(looked, "take"));
        call(200, get("/api/songs/binned-song"), null);
        call(204, post("/api/intake/undo"), receipt);
        call(410, get("/api/songs/binned-song"), null);
    }

    @Test
    void aShippedFigureIsComparedWithTheChartThatShips() throws Exception {
        String file = new String(
                mvc.perform(get("/api/figures/waltz.whisk/file"))
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray(),
                StandardCharsets.UTF_8);
        assertThat(look("whisk.yaml", file).at("/things/0/state").asText()).isEqualTo("same");
        JsonNode changed = look("whisk.yaml", file.replaceFirst("name: Whisk", "name: Our whisk"));
        assertThat(changed.at("/things/0/state").asText()).isEqualTo("different");
        JsonNode receipt = call(201, post("/api/intake"), choice(changed, "take"));
        assertThat(call(200, get("/api/figures/waltz.whisk"), null)
                        .at("/document/name")
                        .asText())
                .isEqualTo("Our whisk");
        call(204, post("/api/intake/undo"), receipt);
        assertThat(call(200, get("/api/figures/waltz.whisk"), null)
                        .at("/document/name")
                        .asText())
                .isEqualTo("Whisk");
    }

    @Test
    void allAreTakenOrNone() throws Exception {
        Map<String, List<String>> before = StudioRows.of(source);
        ObjectNode choice = choice(look("a.yaml", SONG.formatted("half-one", "Half one")), "take");
        JsonNode second = look("b.yaml", SONG.formatted("half-two", "Half two")).at("/things/0");
        ObjectNode broken = chosen(second, "take");
        ((ObjectNode) broken.get("document")).put("beatsPerBar", 99);
        choice.withArray("things").add(broken);
        call(422, post("/api/intake"), choice);
        ((ObjectNode) broken.get("document")).put("beatsPerBar", 3);
        broken.put("id", "half-one");
        call(422, post("/api/intake"), choice);
        assertThat(StudioRows.of(source)).isEqualTo(before);
    }

    /** Whoever has gone on working with something taken in does not lose it by an undo. */
    @Test
    void whatWasChangedSinceIsNotUndone() throws Exception {
        JsonNode receipt =
                call(201, post("/api/intake"), choice(look("a.yaml", SONG.formatted("kept-song", "Kept")), "take"));
        JsonNode view = call(200, get("/api/songs/kept-song"), null);
        ObjectNode save = mapper.createObjectNode()
                .put("expectedVersion", view.get("version").asLong());
        save.set("document", ((ObjectNode) view.get("document")).put("name", "Kept and changed"));
        call(200, put("/api/songs/kept-song"), save);
        assertThat(call(422, post("/api/intake/undo"), receipt).get("detail").asText())
                .contains("changed since");
        call(200, get("/api/songs/kept-song"), null);
    }

    @Test
    void anEmptyFileIsSaidToBeEmpty() throws Exception {
        assertThat(look("a.yaml", "").at("/problems/0/message").asText()).isEqualTo("The file is empty");
    }

    @Test
    void whatARoutineNamesAndNobodyHasIsTold() throws Exception {
        String routine =
                "format: fluidframe/routine@1\nid: far\nname: Far\ndance: waltz\ntempo: 29\nsong: no-such-song\n"
                        + "floor: {length: 24, width: 14, startX: 3, startY: 11.5, stride: 0.7, startTurn: 2}\n"
                        + "figures: [{figure: waltz.natural-turn}, {figure: waltz.nowhere}]\n";
        JsonNode thing = look("r.yaml", routine).at("/things/0");
        assertThat(thing.get("missing").toString())
                .contains("song no-such-song", "figure waltz.nowhere")
                .doesNotContain("natural-turn");
    }

    @Test
    void aWholeStudioIsTakenThingByThing() throws Exception {
        call(201, post("/api/intake"), choice(look("a.yaml", SONG.formatted("old-song", "Old")), "take"));
        String name = call(201, post("/api/backups"), null).get("name").asText();
        byte[] zip = mvc.perform(get("/api/backups/" + name + "/file"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        call(204, delete("/api/songs/old-song"), null);
        MockHttpServletResponse response = mvc.perform(post("/api/intake/studio")
                        .contentType("application/zip")
                        .content(zip))
                .andReturn()
                .getResponse();
        JsonNode looked = mapper.readTree(response.getContentAsString(StandardCharsets.UTF_8));
        assertThat(looked.get("things").findValuesAsText("id")).containsExactly("old-song");
        assertThat(looked.at("/things/0/state").asText()).isEqualTo("binned");
        call(201, post("/api/intake"), choice(looked, "take"));
        assertThat(call(200, get("/api/songs/old-song"), null)
                        .at("/document/name")
                        .asText())
                .isEqualTo("Old");
    }

    /** Damaged files and damaged backups through the server: refused or answered, and nothing is kept of them. */
    @Test
    void noFileBreaksTheServerOrIsTakenByHalf() throws Exception {
        Map<String, List<String>> before = StudioRows.of(source);
        String name = call(201, post("/api/backups"), null).get("name").asText();
        byte[] zip = mvc.perform(get("/api/backups/" + name + "/file"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        byte[] song = SONG.formatted("x", "X").getBytes(StandardCharsets.UTF_8);
        Random random = new Random(18);
        for (int i = 0; i < 1200; i++) {
            boolean whole = i % 60 == 0;
            byte[] file = (whole ? zip : song).clone();
            for (int k = 0; k < 3; k++) file[random.nextInt(file.length)] = (byte) random.nextInt(256);
            if (random.nextInt(4) == 0) file = java.util.Arrays.copyOf(file, random.nextInt(file.length));
            MockHttpServletResponse response = mvc.perform(
                            whole
                                    ? post("/api/intake/studio")
                                            .contentType("application/zip")
                                            .content(file)
                                    : post("/api/intake/file")
                                            .param("name", random.nextBoolean() ? "a.yaml" : "a.csv")
                                            .contentType("application/octet-stream")
                                            .content(file))
                    .andReturn()
                    .getResponse();
            assertThat(response.getStatus()).isIn(200, 400, 422);
        }
        assertThat(StudioRows.of(source)).isEqualTo(before);
    }

    /** Four windows take and undo pairs while others look: a pair is there whole or not at all, whoever comes first. */
    @Test
    void overlappingTakesAndUndosLeaveNoHalfOfAny() throws Exception {
        ExecutorService windows = Executors.newFixedThreadPool(4);
        List<Future<Integer>> done = new ArrayList<>();
        for (int window = 0; window < 4; window++) {
            int mine = window;
            done.add(windows.submit(() -> {
                int undone = 0;
                for (int round = 0; round < 8; round++) {
                    // Two windows share each pair of songs.
                    ObjectNode choice = choice(
                            look("a.yaml", SONG.formatted("pair-a-" + mine % 2, "A " + mine + " " + round)), "take");
                    JsonNode other = look("b.yaml", SONG.formatted("pair-b-" + mine % 2, "B " + mine + " " + round));
                    choice.withArray("things").add(chosen(other.at("/things/0"), "take"));
                    MockHttpServletResponse taken = mvc.perform(post("/api/intake")
                                    .contentType("application/json")
                                    .content(choice.toString()))
                            .andReturn()
                            .getResponse();
                    assertThat(taken.getStatus()).isEqualTo(201);
                    int status = mvc.perform(post("/api/intake/undo")
                                    .contentType("application/json")
                                    .content(taken.getContentAsString(StandardCharsets.UTF_8)))
                            .andReturn()
                            .getResponse()
                            .getStatus();
                    assertThat(status).isIn(204, 404, 422);
                    if (status == 204) undone++;
                }
                return undone;
            }));
        }
        int undone = 0;
        for (Future<Integer> one : done) undone += one.get();
        windows.shutdown();
        assertThat(undone).isPositive();
        for (int pair = 0; pair < 2; pair++) {
            JsonNode a = mapper.readTree(mvc.perform(get("/api/songs/pair-a-" + pair))
                    .andReturn()
                    .getResponse()
                    .getContentAsString(StandardCharsets.UTF_8));
            JsonNode b = mapper.readTree(mvc.perform(get("/api/songs/pair-b-" + pair))
                    .andReturn()
                    .getResponse()
                    .getContentAsString(StandardCharsets.UTF_8));
            assertThat(a.has("document")).isEqualTo(b.has("document"));
            assertThat(a.at("/document/name").asText().replaceFirst("^A", "B"))
                    .isEqualTo(b.at("/document/name").asText());
        }
    }

    @Test
    void aBackupThatIsHereIsLookedIntoWithoutACopyOfIt() throws Exception {
        call(201, post("/api/intake"), choice(look("a.yaml", SONG.formatted("inside", "Inside")), "take"));
        String name = call(201, post("/api/backups"), null).get("name").asText();
        int backups = call(200, get("/api/backups"), null).get("backups").size();
        call(204, delete("/api/songs/inside"), null);
        JsonNode looked = call(200, post("/api/intake/backups/" + name), null);
        assertThat(looked.get("things").findValuesAsText("id")).contains("inside");
        assertThat(call(200, get("/api/backups"), null).get("backups")).hasSize(backups);
        call(404, post("/api/intake/backups/none.zip"), null);
    }
}
