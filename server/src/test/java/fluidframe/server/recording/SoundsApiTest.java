package fluidframe.server.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.music.analysis.Strengths;
import fluidframe.server.ApiCalls;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.security.MessageDigest;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What lies in the folder of sounds: told, taken away, and cleared where nothing names it. */
class SoundsApiTest extends ApiCalls {
    @Autowired
    private RecordingFiles files;

    /** A sound that was taken in some days ago. */
    private String old(int seed) throws IOException {
        String file = files.keep("old.wav", new byte[] {1, 2, 3, (byte) seed, (byte) (seed >> 8)});
        Path path = files.folder().resolve(file);
        Files.setLastModifiedTime(path, FileTime.from(Instant.now().minus(3, ChronoUnit.DAYS)));
        return file;
    }

    private ObjectNode songTo(String file) throws Exception {
        ObjectNode song =
                (ObjectNode) call(200, get("/api/songs/harbour-lights"), null).get("document");
        song.remove("id");
        ((ObjectNode) song.get("recording")).put("file", file);
        return song;
    }

    private JsonNode sounds() throws Exception {
        return call(200, get("/api/sounds"), null);
    }

    private static List<JsonNode> named(JsonNode sounds, String file) {
        List<JsonNode> found = new ArrayList<>();
        sounds.forEach(sound -> {
            if (sound.get("file").asText().equals(file)) found.add(sound);
        });
        return found;
    }

    @Test
    void tellsWhichSongsAreDancedToASoundAndWhatIsMissing() throws Exception {
        String missing = "ab".repeat(32) + ".mp3";
        String id = call(201, post("/api/songs"), songTo(missing)).get("id").asText();
        JsonNode all = sounds();
        JsonNode harbour = call(200, get("/api/songs/harbour-lights"), null);
        String kept = harbour.at("/document/recording/file").asText();
        assertThat(named(all.get("sounds"), kept)).singleElement().satisfies(sound -> {
            assertThat(sound.get("bytes").asLong()).isGreaterThan(100_000);
            assertThat(sound.at("/songs/0/id").asText()).isEqualTo("harbour-lights");
            assertThat(sound.get("used").asBoolean()).isTrue();
        });
        assertThat(named(all.get("missing"), missing))
                .singleElement()
                .satisfies(sound -> assertThat(sound.at("/songs/0/id").asText()).isEqualTo(id));
        call(204, delete("/api/songs/" + id), null);
        assertThat(named(sounds().get("missing"), missing)).isEmpty();
    }

    @Test
    void clearsWhatNothingNamesAndKeepsWhatAVersionOrTheBinNames() throws Exception {
        call(200, delete("/api/sounds/unused"), null);
        String unused = old(1);
        files.keep(unused, Strengths.none());
        String binned = old(2);
        String before = old(3);
        String fresh = files.keep("new.wav", new byte[] {9, 9, 9, 9});
        String again = old(4);
        files.keep("again.wav", Files.readAllBytes(files.folder().resolve(again)));
        String gone = call(201, post("/api/songs"), songTo(binned)).get("id").asText();
        call(204, delete("/api/songs/" + gone), null);
        JsonNode song = call(201, post("/api/songs"), songTo(before));
        String id = song.get("id").asText();
        call(
                201,
                post("/api/songs/" + id + "/versions"),
                mapper.createObjectNode().put("note", "As it was"));
        ObjectNode otherwise = songTo("cd".repeat(32) + ".mp3");
        otherwise.put("id", id);
        ObjectNode save = mapper.createObjectNode()
                .put("expectedVersion", song.get("version").asLong());
        save.set("document", otherwise);
        call(200, put("/api/songs/" + id), save);
        assertThat(sounds().get("unused").asInt()).isGreaterThanOrEqualTo(2);
        JsonNode cleared = call(200, delete("/api/sounds/unused"), null);
        assertThat(cleared.get("sounds").asInt()).isEqualTo(1);
        assertThat(cleared.get("bytes").asLong()).isEqualTo(5);
        assertThat(files.folder().resolve(unused)).doesNotExist();
        assertThat(files.folder().resolve(unused + ".heard")).doesNotExist();
        assertThat(List.of(binned, before, fresh, again))
                .allSatisfy(file -> assertThat(files.folder().resolve(file)).exists());
    }

    /** The names of all that a copy holds, each named after what is in it. */
    private List<String> takenAwayWhole() throws Exception {
        byte[] zip =
                mvc.perform(get("/api/sounds/file")).andReturn().getResponse().getContentAsByteArray();
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                String hash = HexFormat.of()
                        .formatHex(MessageDigest.getInstance("SHA-256").digest(in.readAllBytes()));
                assertThat(entry.getName()).startsWith("recordings/" + hash + ".");
                names.add(entry.getName());
            }
        }
        return names;
    }

    @Test
    void allOfThemAreTakenAwayAsTheyLie() throws Exception {
        String file = old(7);
        List<String> names = takenAwayWhole();
        assertThat(names)
                .contains("recordings/" + file)
                .hasSize(sounds().get("sounds").size());
    }

    @Test
    void severalWhoClearAtOnceDoNotFailAndLeaveWhatIsNamed() throws Exception {
        List<String> sounds = new ArrayList<>();
        for (int i = 0; i < 24; i++) sounds.add(old(1000 + i));
        List<String> saved = sounds.subList(0, 12);
        for (String file : saved) call(201, post("/api/songs"), songTo(file));
        List<CompletableFuture<Void>> clearings = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            clearings.add(CompletableFuture.runAsync(() -> {
                try {
                    call(200, delete("/api/sounds/unused"), null);
                    sounds();
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
            }));
        }
        for (CompletableFuture<Void> clearing : clearings) clearing.join();
        assertThat(saved)
                .allSatisfy(file -> assertThat(files.folder().resolve(file)).exists());
        assertThat(sounds.subList(12, 24))
                .allSatisfy(file -> assertThat(files.folder().resolve(file)).doesNotExist());
    }

    /** What comes again while others clear and copy is there once it has been taken in, and no copy has half of one. */
    @Test
    void aSoundThatComesAgainWhileOthersClearStays() throws Exception {
        List<String> sounds = new ArrayList<>();
        for (int i = 0; i < 40; i++) sounds.add(old(3000 + i));
        List<CompletableFuture<Void>> works = new ArrayList<>();
        for (int worker = 0; worker < 4; worker++) {
            works.add(CompletableFuture.runAsync(() -> {
                try {
                    call(200, delete("/api/sounds/unused"), null);
                    takenAwayWhole();
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
            }));
        }
        List<String> again = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            int seed = 3000 + i;
            again.add(files.keep("again.wav", new byte[] {1, 2, 3, (byte) seed, (byte) (seed >> 8)}));
        }
        for (CompletableFuture<Void> work : works) work.join();
        assertThat(again).isEqualTo(sounds);
        assertThat(again)
                .allSatisfy(file -> assertThat(files.folder().resolve(file)).exists());
    }
}
