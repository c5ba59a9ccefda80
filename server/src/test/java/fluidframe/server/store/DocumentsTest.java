package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.music.Song;
import fluidframe.library.song.SongFormat;
import fluidframe.server.ApiCalls;
import fluidframe.server.ApiTest;
import fluidframe.server.song.SongSummary;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What everything kept promises, also at the same moment and half way through. */
@ApiTest
class DocumentsTest extends ApiCalls {
    @Autowired
    private Documents<Song, SongSummary> songs;

    private Song song(String name) {
        JsonNode known = SongFormat.SONG.toJson(songs.get("lantern-hill").value());
        return songs.read(((ObjectNode) known).put("name", name));
    }

    @Test
    void whatIsDoneAlongsideIsDoneWithTheSaveOrNeitherIs() {
        Document<Song> made = songs.create(song("Alongside"));
        assertThatThrownBy(() -> songs.saveVersion(made.id(), 1, song("Half"), "note", () -> {
                    throw new IllegalStateException("half way");
                }))
                .hasMessage("half way");
        assertThat(songs.get(made.id()).value().name()).isEqualTo("Alongside");
        assertThat(songs.versions(made.id())).isEmpty();
        assertThatThrownBy(() -> songs.bin(made.id(), () -> {
                    throw new IllegalStateException("half way");
                }))
                .hasMessage("half way");
        assertThat(songs.find(made.id())).isPresent();
    }

    @Test
    void aFileTakenInManyTimesAtOnceIsThereAsOftenAndOnceUnderItsOwnId() throws Exception {
        String id = "race-" + UUID.randomUUID();
        String file = SongFormat.SONG.file(id, song("Race"));
        ExecutorService many = Executors.newFixedThreadPool(8);
        List<Callable<String>> taking = new ArrayList<>();
        for (int i = 0; i < 16; i++)
            taking.add(() -> songs.take(file, value -> {}).id());
        List<String> ids = new ArrayList<>();
        for (Future<String> each : many.invokeAll(taking)) ids.add(each.get());
        many.shutdown();
        assertThat(ids).doesNotHaveDuplicates().hasSize(16).contains(id);
    }

    @Test
    void ofManySavesOfOneVersionAtOnceOneIsKeptAndTheOthersAreToldBothSides() throws Exception {
        Document<Song> made = songs.create(song("Contested"));
        ExecutorService many = Executors.newFixedThreadPool(8);
        List<Callable<String>> saving = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String name = "Mine " + i;
            saving.add(() -> {
                try {
                    return songs.save(made.id(), 1, song(name), Optional.empty())
                            .value()
                            .name();
                } catch (StaleException e) {
                    assertThat(e.sides().version()).isEqualTo(2);
                    assertThat(e.sides().yours().get("name").asText()).isEqualTo(name);
                    return "";
                }
            });
        }
        List<String> kept = new ArrayList<>();
        for (Future<String> each : many.invokeAll(saving)) kept.add(each.get());
        many.shutdown();
        assertThat(kept)
                .filteredOn(name -> !name.isEmpty())
                .containsExactly(songs.get(made.id()).value().name());
    }

    @Test
    void aListIsScrolledToItsEndThroughEqualNamesAndNothingIsSeenTwice() throws Exception {
        String name = "Scroll " + UUID.randomUUID();
        for (int i = 0; i < 7; i++) songs.create(song(i % 2 == 0 ? name : name.toUpperCase(Locale.ROOT)));
        songs.create(song(name + " 100%_!"));
        List<String> seen = new ArrayList<>();
        String after = "";
        int pages = 0;
        do {
            JsonNode page = call(
                    200,
                    get("/api/songs")
                            .param("q", name.toLowerCase(Locale.ROOT))
                            .param("after", after)
                            .param("limit", "3"),
                    null);
            assertThat(page.get("total").asInt()).isEqualTo(8);
            page.get("lines").forEach(line -> seen.add(line.get("id").asText()));
            pages++;
            assertThat(page.has("next")).isEqualTo(pages < 3);
            after = page.path("next").asText();
        } while (!after.isEmpty());
        assertThat(seen).hasSize(8).doesNotHaveDuplicates();
        for (String odd : List.of("100%_!", "%", "_", "!")) {
            assertThat(songs.page(new Page.Request("", name + " " + odd, "", 9)).total())
                    .isEqualTo(odd.equals("100%_!") ? 1 : 0);
        }
        call(422, get("/api/songs").param("after", "nowhere"), null);
    }

    @Test
    void aListDoesNotComeBackFromTheBinToANameThatIsTaken() throws Exception {
        String name = "Back " + UUID.randomUUID();
        Map<String, String> copy = Map.of("name", name, "from", "starter");
        String id = call(201, post("/api/lists/copies"), copy).get("id").asText();
        call(204, delete("/api/lists/" + id), null);
        call(201, post("/api/lists/copies"), copy);
        assertThat(call(422, post("/api/bin/list/" + id), null).get("detail").asText())
                .contains(name);
    }

    @Test
    void aFigureKeptBesideAnotherGetsANameThatIsFreeAlsoInTheBin() throws Exception {
        JsonNode chart = call(200, get("/api/figures/waltz.whisk"), null).get("document");
        ObjectNode mine = ((ObjectNode) chart.deepCopy()).put("name", "Beside");
        assertThat(call(201, post("/api/figures"), mine).get("id").asText()).isEqualTo("waltz.beside");
        call(204, delete("/api/figures/waltz.beside"), null);
        assertThat(call(201, post("/api/figures"), mine).get("id").asText()).isEqualTo("waltz.beside-2");
        call(204, delete("/api/figures/waltz.beside-2"), null);
        call(204, delete("/api/bin/figure/waltz.beside"), null);
        assertThat(call(201, post("/api/figures"), mine).get("id").asText()).isEqualTo("waltz.beside");
        call(204, delete("/api/figures/waltz.beside"), null);
    }
}
