package fluidframe.server.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

/** A song played by the house band, kept, heard, corrected and danced to. */
class RecordingApiTest extends ApiCalls {
    private static final int HEADER = 44;
    private static final int RATE = 22_050;

    private ObjectNode song() {
        ObjectNode song = mapper.createObjectNode()
                .put("format", "fluidframe/song@1")
                .put("name", "Kept Evening")
                .put("beatsPerBar", 3)
                .put("phraseBars", 8);
        ArrayNode sections = song.putArray("sections");
        sections.addObject().put("name", "Opening").put("bars", 4).put("kind", "introduction");
        sections.addObject().put("name", "Verse").put("bars", 16).put("kind", "dance");
        song.putArray("tempos").addObject().put("bar", 1).put("barsPerMinute", 29);
        return song;
    }

    private byte[] played() throws Exception {
        MockHttpServletResponse answer = mvc.perform(post("/api/recordings/played")
                        .param("dance", "waltz")
                        .contentType("application/json")
                        .content(song().toString()))
                .andReturn()
                .getResponse();
        assertThat(answer.getContentType()).isEqualTo("audio/wav");
        return answer.getContentAsByteArray();
    }

    private JsonNode bytes(int status, String path, String name, byte[] body) throws Exception {
        MockHttpServletResponse answer = mvc.perform(post(path)
                        .param("name", name)
                        .param("rate", String.valueOf(RATE))
                        .contentType("application/octet-stream")
                        .content(body))
                .andReturn()
                .getResponse();
        String text = answer.getContentAsString(StandardCharsets.UTF_8);
        assertThat(answer.getStatus()).as(text).isEqualTo(status);
        return mapper.readTree(text);
    }

    private JsonNode heard(String file, byte[] samples) throws Exception {
        String id = bytes(202, "/api/recordings/" + file + "/hearings", "Kept Evening", samples)
                .get("id")
                .asText();
        return ended(id);
    }

    private JsonNode ended(String id) throws Exception {
        for (int tries = 0; tries < 600; tries++) {
            JsonNode view = call(200, get("/api/recordings/hearings/" + id), null);
            if (!view.get("state").asText().matches("waiting|working")) return view;
            TimeUnit.MILLISECONDS.sleep(100);
        }
        throw new IllegalStateException("The listening did not end");
    }

    @Test
    void isHeardCorrectedAndDancedTo() throws Exception {
        byte[] wave = played();
        String file =
                bytes(201, "/api/recordings", "Kept.wav", wave).get("file").asText();
        assertThat(file).endsWith(".wav");
        assertThat(bytes(201, "/api/recordings", "again.WAV", wave).get("file").asText())
                .isEqualTo(file);
        MockHttpServletResponse sound =
                mvc.perform(get("/api/recordings/" + file)).andReturn().getResponse();
        assertThat(sound.getContentType()).isEqualTo("audio/wav");
        assertThat(sound.getContentAsByteArray()).isEqualTo(wave);

        JsonNode heard = heard(file, Arrays.copyOfRange(wave, HEADER, wave.length));
        assertThat(heard.at("/dances/0/dance").asText()).isEqualTo("waltz");
        assertThat(heard.at("/dances/0/why").asText()).contains("29.0 bars of 3 beats a minute, within 28 to 30");
        JsonNode document = heard.get("document");
        assertThat(document.at("/tempos/0/barsPerMinute").asDouble()).isBetween(28.8, 29.2);
        assertThat(document.at("/sections").findValuesAsText("bars")).containsExactly("4", "16");
        assertThat(document.at("/sections/0/kind").asText()).isEqualTo("introduction");
        JsonNode kept = call(201, post("/api/songs"), document);
        assertThat(kept.at("/document/recording")).isEqualTo(document.get("recording"));

        ObjectNode correction =
                mapper.createObjectNode().put("kind", "ONE").put("beat", 1).put("follow", false);
        correction.put("seconds", 0).putArray("taps");
        correction.set("document", kept.get("document"));
        JsonNode later =
                call(200, post("/api/recordings/corrections"), correction).get("document");
        assertThat(later.at("/recording/one").asInt()).isEqualTo(1);
        assertThat(call(422, post("/api/recordings/corrections"), correction.put("beat", 900))
                        .get("detail")
                        .asText())
                .contains("Bar 1 must begin on one of the 60 beats");

        ObjectNode routine = (ObjectNode)
                call(200, get("/api/routines/long-floor-waltz"), null).get("document");
        routine.put("song", kept.get("id").asText()).put("songBar", 5);
        JsonNode motion = call(200, post("/api/motion/routines"), routine);
        assertThat(motion.at("/recording/file").asText()).isEqualTo(file);
        double fifth = document.at("/recording/beats/12").asDouble();
        assertThat(motion.at("/recording/from").asDouble()).isEqualTo(fifth);
        assertThat(motion.at("/seconds/3").asDouble() + fifth)
                .isCloseTo(document.at("/recording/beats/15").asDouble(), within(1e-3));
    }

    @Test
    void whatIsOddIsRefusedInASentence() throws Exception {
        ObjectNode endless = song();
        ((ObjectNode) endless.at("/sections/1")).put("bars", 700);
        ((ObjectNode) endless.at("/tempos/0")).put("barsPerMinute", 5);
        assertThat(call(422, post("/api/recordings/played?dance=waltz"), endless)
                        .get("detail")
                        .asText())
                .contains("the band plays at most 720");
        assertThat(call(422, post("/api/recordings/played?dance=tango"), song())
                        .get("detail")
                        .asText())
                .contains("choose another dance");
        ObjectNode correction = mapper.createObjectNode().put("kind", "TAP").put("follow", true);
        correction.put("beat", 0).put("seconds", 0).putArray("taps").add(1.5).addNull();
        correction.set("document", call(200, get("/api/songs/dust-road"), null).get("document"));
        assertThat(call(422, post("/api/recordings/corrections"), correction)
                        .get("detail")
                        .asText())
                .contains("Every tap must be a number");
        correction.remove("taps");
        assertThat(call(422, post("/api/recordings/corrections"), correction)
                        .get("detail")
                        .asText())
                .contains("At least two taps");
        correction.put("kind", "HALF").set("document", song());
        assertThat(call(422, post("/api/recordings/corrections"), correction)
                        .get("detail")
                        .asText())
                .contains("has no recording");
    }

    @Test
    void theSameSoundSentByManyAtOnceIsOneFile() throws Exception {
        byte[] wave = played();
        List<CompletableFuture<String>> sent = new ArrayList<>();
        for (int who = 0; who < 6; who++) {
            String name = "by " + who + ".wav";
            sent.add(CompletableFuture.supplyAsync(() -> {
                try {
                    return bytes(201, "/api/recordings", name, wave).get("file").asText();
                } catch (Exception e) {
                    throw new IllegalStateException(e);
                }
            }));
        }
        Set<String> files = new HashSet<>();
        for (CompletableFuture<String> one : sent) files.add(one.join());
        assertThat(files).hasSize(1);
        assertThat(mvc.perform(get("/api/recordings/" + files.iterator().next()))
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray())
                .isEqualTo(wave);
    }

    @Test
    void whatLeavesTheStudioIsDancedToTheBand() throws Exception {
        JsonNode routine = call(200, get("/api/routines/showcase-rumba"), null).get("document");
        assertThat(call(200, post("/api/motion/routines"), routine)
                        .at("/recording/file")
                        .asText())
                .endsWith(".opus");
        assertThat(call(200, get("/api/motion/routines/showcase-rumba"), null)
                        .path("recording")
                        .isContainerNode())
                .isFalse();
    }

    @Test
    void manyAtOnceAreHeardOrToldToWaitAndNoneIsLost() throws Exception {
        String file = bytes(201, "/api/recordings", "many.wav", new byte[] {7})
                .get("file")
                .asText();
        byte[] samples = Arrays.copyOfRange(played(), HEADER, HEADER + 20 * RATE);
        List<String> begun = new ArrayList<>();
        int refused = 0;
        for (int i = 0; i < 8; i++) {
            MockHttpServletResponse answer = mvc.perform(post("/api/recordings/" + file + "/hearings")
                            .param("name", "Many " + i)
                            .param("rate", String.valueOf(RATE))
                            .contentType("application/octet-stream")
                            .content(samples))
                    .andReturn()
                    .getResponse();
            JsonNode body = mapper.readTree(answer.getContentAsString(StandardCharsets.UTF_8));
            if (answer.getStatus() == 202) {
                begun.add(body.get("id").asText());
            } else {
                assertThat(answer.getStatus()).isEqualTo(503);
                assertThat(body.get("detail").asText()).contains("are being listened to already");
                refused++;
            }
        }
        assertThat(begun).hasSizeGreaterThanOrEqualTo(3);
        assertThat(refused).isPositive();
        for (String id : begun) assertThat(ended(id).get("document").isObject()).isTrue();
    }

    @Test
    void threeSongsOfTheDemoSound() throws Exception {
        int sounding = 0;
        for (JsonNode line : call(200, get("/api/songs"), null).get("lines")) {
            JsonNode recording = call(200, get("/api/songs/" + line.get("id").asText()), null)
                    .at("/document/recording");
            if (recording.isMissingNode()) continue;
            MockHttpServletResponse sound = mvc.perform(
                            get("/api/recordings/" + recording.get("file").asText()))
                    .andReturn()
                    .getResponse();
            assertThat(sound.getStatus()).isEqualTo(200);
            assertThat(sound.getContentType()).isEqualTo("audio/ogg");
            assertThat(sound.getContentAsByteArray()).startsWith('O', 'g', 'g', 'S');
            sounding++;
        }
        assertThat(sounding).isGreaterThanOrEqualTo(3);
    }

    @Test
    void whatIsSilentMakesNoSongAndSaysWhy() throws Exception {
        String file = bytes(201, "/api/recordings", "nothing.wav", new byte[] {1, 2, 3})
                .get("file")
                .asText();
        JsonNode heard = heard(file, new byte[RATE * 6]);
        assertThat(heard.get("state").asText()).isEqualTo("done");
        assertThat(heard.has("document") && !heard.get("document").isNull()).isFalse();
        assertThat(heard.get("message").asText()).contains("No beats can be heard");
    }

    @Test
    void refusesWhatIsNoRecording() throws Exception {
        assertThat(bytes(422, "/api/recordings", "notes.txt", new byte[] {1})
                        .get("detail")
                        .asText())
                .contains("\"notes.txt\" is no recording that can be taken: it must end in .wav");
        assertThat(bytes(400, "/api/recordings", "empty.mp3", new byte[0])
                        .get("detail")
                        .asText())
                .isNotBlank();
        String unknown = "0".repeat(64) + ".mp3";
        assertThat(call(404, get("/api/recordings/" + unknown), null)
                        .get("detail")
                        .asText())
                .contains("put its file back on the song");
        assertThat(call(400, get("/api/recordings/..%2Ffluidframe.mv.db"), null))
                .isNotNull();
        bytes(404, "/api/recordings/" + unknown + "/hearings", "x", new byte[8]);
        String known = bytes(201, "/api/recordings", "a.mp3", new byte[] {5})
                .get("file")
                .asText();
        assertThat(call(
                                400,
                                post("/api/recordings/" + known + "/hearings?name=x&rate=many")
                                        .contentType("application/octet-stream"),
                                null)
                        .get("detail")
                        .asText())
                .isNotBlank();
    }
}
