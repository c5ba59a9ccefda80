package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A recording is dropped in, corrected and danced to. */
class RecordingIT extends OpeningTest {
    private byte[] played() {
        ObjectNode song = MAPPER.createObjectNode()
                .put("format", "fluidframe/song@1")
                .put("name", "Quay")
                .put("beatsPerBar", 3)
                .put("phraseBars", 8);
        song.putArray("sections")
                .addObject()
                .put("name", "Opening")
                .put("bars", 4)
                .put("kind", "introduction");
        song.withArray("sections")
                .addObject()
                .put("name", "Verse")
                .put("bars", 16)
                .put("kind", "dance");
        song.putArray("tempos").addObject().put("bar", 1).put("barsPerMinute", 29);
        return page.request()
                .post(
                        app().url("/api/recordings/played?dance=waltz"),
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setHeader("Origin", app().url(""))
                                .setData(song.toString()))
                .body();
    }

    private void takeIn(String name, byte[] bytes) {
        page.getByLabel("or take in a recording").setInputFiles(new FilePayload(name, "audio/wav", bytes));
    }

    private JsonNode kept(String id) throws IOException {
        return get("/api/songs/" + id).get("document");
    }

    @Test
    void aRecordingIsTakenInCorrectedSetToARoutineAndDanced() throws IOException {
        go("/songs");
        listen(true);
        takeIn("Quay_lights.wav", played());
        page.waitForURL(Pattern.compile("/songs/[^/]+$"));
        assertThat(heading()).hasText("Quay lights");
        String id = page.url().replaceFirst(".*/", "");
        assertThat(page.getByText("20 bars,")).isVisible();
        assertThat(page.getByText("within 28 to 30").first()).isVisible();
        Locator recording = region("Recording");
        assertThat(recording.getByText("Introduction 4")).isVisible();
        Assertions.assertThat(kept(id).at("/recording/beats")).hasSize(60);

        button("One a beat later").click();
        assertThat(page.getByText("19 bars,")).isVisible();
        button("Undo").click();
        assertThat(page.getByText("20 bars,")).isVisible();

        page.keyboard().press(".");
        assertThat(recording.getByRole(AriaRole.STATUS)).containsText("Beat 1:1 at 0.70 s");
        page.keyboard().press(".");
        button("Bar 1 begins here").click();
        assertThat(page.getByText("19 bars,")).isVisible();
        button("Undo").click();
        assertThat(page.getByText("20 bars,")).isVisible();

        button("Twice the tempo").click();
        assertThat(page.getByText(Pattern.compile("from bar 1: 5[78]"))).isVisible();
        button("Half the tempo").click();
        assertThat(page.getByText(Pattern.compile("from bar 1: 29"))).isVisible();

        button("Play").click();
        assertThat(recording.getByText(Pattern.compile("^2:1"))).isVisible();
        for (int taps = 0; taps < 4; taps++) {
            page.keyboard().press("t");
            assertThat(recording.getByText((taps + 1) + " taps")).isVisible();
            page.waitForFunction(
                    "from => document.querySelector('audio').currentTime > from + 0.5",
                    page.evaluate("document.querySelector('audio').currentTime"));
        }
        button("Pause").click();
        button("Take them, the rest follows").click();
        assertThat(recording.getByText("taps")).hasCount(0);
        assertThat(page.getByRole(AriaRole.STATUS).getByText("Kept.")).isVisible();
        isSilent();

        go("/routines/long-floor-waltz");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Music"))
                .click();
        Locator song = region("Music").getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName("Song"));
        song.selectOption(id);
        page.waitForRequest(request -> request.url().contains("/api/recordings/"), () -> {
            go("/rehearse?routine=long-floor-waltz");
            assertThat(page.getByLabel("Loudness of the song")).isVisible();
            button("Dance").click();
        });
        assertThat(button("Pause")).isVisible();
    }

    /** Keys come quicker than the server answers, and what is typed meanwhile stays. */
    @Test
    void quickKeysAllCountAndWhatIsTypedMeanwhileStays() throws IOException {
        go("/songs/dust-road");
        assertThat(region("Recording")).isVisible();
        double before = kept("dust-road").at("/recording/beats/1").asDouble();
        page.keyboard().press(".");
        page.keyboard().press(".");
        for (int i = 0; i < 6; i++) page.keyboard().press("]");
        page.getByLabel("Name").first().fill("Dust Road, quick");
        assertThat(region("Recording").getByText("Beat 1:2 at " + "%.2f".formatted(before + 0.06)))
                .isVisible();
        assertThat(page.getByRole(AriaRole.STATUS).getByText("Kept.")).isVisible();
        page.waitForCondition(() -> {
            try {
                JsonNode kept = kept("dust-road");
                return kept.get("name").asText().equals("Dust Road, quick")
                        && Math.abs(kept.at("/recording/beats/1").asDouble() - before - 0.06) < 1e-6;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    /** The id of a new song to a sound that is not here. */
    private String songTo(byte[] missing) throws Exception {
        String file =
                HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(missing));
        ObjectNode song = (ObjectNode) kept("harbour-lights");
        song.remove("id");
        song.put("name", "Without its sound");
        ((ObjectNode) song.get("recording")).put("file", file + ".wav");
        return MAPPER.readTree(app().send("POST", "/api/songs", song.toString()).body())
                .get("id")
                .asText();
    }

    /** A file that nobody has taken in before: with some bytes behind the sound. */
    private byte[] unknown(int more) {
        byte[] sound = played();
        return Arrays.copyOf(sound, sound.length + more);
    }

    /** The sound of the song on this page is there and longer than half a minute. */
    private void awaitSound() {
        page.waitForCondition(
                () -> Boolean.TRUE.equals(page.evaluate("document.querySelector('audio')?.duration > 30")));
    }

    @Test
    void soundsAreListedBesideTheBackupsAndBroughtBackByWhatIsInThem() throws Exception {
        byte[] wave = unknown(2);
        String id = songTo(wave);
        go("/backups");
        Locator missing = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Missing sounds"));
        assertThat(missing).containsText("Without its sound");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Recordings")))
                .containsText("Salt and Lamplight");
        page.getByLabel("Bring sounds back").setInputFiles(new FilePayload[] {
            new FilePayload("other.wav", "audio/wav", silence(2)), new FilePayload("renamed.ogg", "audio/ogg", wave)
        });
        assertThat(page.getByText("1 sound found again; 1 left aside")).isVisible();
        assertThat(missing).hasCount(0);
        go("/songs/" + id);
        awaitSound();
    }

    @Test
    void aSongThatCameWithoutItsSoundIsGivenIt() throws Exception {
        byte[] wave = unknown(1);
        String id = songTo(wave);
        go("/songs/" + id);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("put its file back");
        Locator put = page.getByLabel("The file of this recording");
        put.setInputFiles(new FilePayload("other.wav", "audio/wav", silence(3)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("another recording than the one of this song");
        put.setInputFiles(new FilePayload("mine.wav", "audio/wav", wave));
        assertThat(put).hasCount(0);
        awaitSound();
    }

    @Test
    void whoeverLeavesWhileItIsHeardIsNotCalledBack() {
        go("/songs");
        page.waitForRequest(request -> request.url().contains("/hearings?"), () -> takeIn("Left.wav", played()));
        link("Figures").first().click();
        assertThat(heading()).hasText("Figures");
        page.waitForCondition(() -> app().send("GET", "/api/songs", null).body().contains("\"Left\""));
        assertThat(page).hasURL(Pattern.compile("/figures"));
    }

    @Test
    void aRecordingThatIsTooLongIsCutIntoASongOfItsOwn() throws IOException {
        go("/songs/salt-and-lamplight");
        listen(true);
        page.getByText("Too long? Cut it").click();
        field("Bars to be left").fill("14");
        button("Find cuts").click();
        assertThat(page.getByText(Pattern.compile("without bars \\d+ to \\d+")))
                .not()
                .hasCount(0);
        button("Hear the join").first().click();
        button("Make the cut song").first().click();
        assertThat(heading()).hasText("Salt and Lamplight, cut");
        assertThat(page.getByText("14 bars,")).isVisible();
        String id = page.url().replaceFirst(".*/", "");
        Assertions.assertThat(kept(id).at("/recording/file").asText())
                .isNotEqualTo(kept("salt-and-lamplight").at("/recording/file").asText())
                .endsWith(".wav");
        // The sound of it is there and as long as it says.
        awaitSound();
        Object seconds = page.evaluate("document.querySelector('audio').duration");
        Assertions.assertThat(((Number) seconds).doubleValue())
                .isCloseTo(kept(id).at("/recording/seconds").asDouble(), Assertions.within(0.05));
        isSilent();
    }

    @Test
    void whatIsBrokenSilentOrNoSoundIsToldAndNothingIsKept() throws IOException {
        go("/songs");
        int before = get("/api/songs").get("total").asInt();
        takeIn("broken.mp3", new byte[] {1, 2, 3, 4});
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("“broken.mp3” cannot be decoded by this browser");
        byte[] silent = played();
        Arrays.fill(silent, 44, silent.length, (byte) 0);
        takeIn("silent.wav", silent);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("No beats can be heard in this recording");
        Assertions.assertThat(get("/api/songs").get("total").asInt()).isEqualTo(before);
    }

    @Test
    void twelveMinutesAreHeardAndMoreAreRefused() throws IOException {
        go("/songs");
        takeIn("long.wav", silence(12 * 60 + 30));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("at most 12 are taken");
        byte[] long12 = silence(12 * 60 - 1);
        byte[] music = played();
        for (int at = 44; at + music.length - 44 < long12.length; at += music.length - 44) {
            System.arraycopy(music, 44, long12, at, music.length - 44);
        }
        takeIn("twelve.wav", long12);
        page.waitForURL(Pattern.compile("/songs/[^/]+$"));
        assertThat(heading()).hasText("twelve");
        assertThat(page.getByText(Pattern.compile("^3\\d\\d bars"))).isVisible();
    }

    /** A WAV file of 22,050 samples a second in which nothing sounds. */
    private static byte[] silence(int seconds) {
        int length = seconds * 22_050 * 2;
        ByteBuffer wave = ByteBuffer.allocate(44 + length).order(ByteOrder.LITTLE_ENDIAN);
        wave.put("RIFF".getBytes(StandardCharsets.US_ASCII))
                .putInt(36 + length)
                .put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII))
                .putInt(16);
        wave.putShort((short) 1).putShort((short) 1).putInt(22_050).putInt(44_100);
        wave.putShort((short) 2)
                .putShort((short) 16)
                .put("data".getBytes(StandardCharsets.US_ASCII))
                .putInt(length);
        return wave.array();
    }
}
