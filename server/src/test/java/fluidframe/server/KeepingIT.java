package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.archive.ArchiveReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups, restores and files taken in, with a kill -9 in the midst of each; and the same from the command line. */
class KeepingIT {
    private static final int ROUNDS = Integer.getInteger("keeping.kills", 2);
    private static final int SONGS = 300;

    @TempDir
    private Path data;

    private final ObjectMapper mapper = new ObjectMapper();
    private final Random random = new Random(18);

    private JsonNode songs(RunningApp app) throws IOException {
        return mapper.readTree(app.send("GET", "/api/songs?limit=500", null).body());
    }

    private ObjectNode manySongs() {
        ObjectNode choice = mapper.createObjectNode().put("file", "many.zip");
        for (int i = 0; i < SONGS; i++) {
            ObjectNode thing = choice.withArray("things").addObject();
            thing.put("kind", "song").put("id", "many-" + i).put("how", "take");
            ObjectNode song = thing.putObject("document").put("name", "Song " + i);
            song.put("beatsPerBar", 3).put("phraseBars", 8);
            song.withArray("sections")
                    .addObject()
                    .put("name", "Verse")
                    .put("bars", 16)
                    .put("kind", "dance");
            song.withArray("tempos").addObject().put("bar", 1).put("barsPerMinute", 29);
        }
        return choice;
    }

    /** Asks for something and kills the server at any time in the first second and a half of it. */
    private void killInTheMidst(RunningApp app, String path, String body) throws Exception {
        CompletableFuture<Integer> answer =
                CompletableFuture.supplyAsync(() -> app.send("POST", path, body).statusCode());
        TimeUnit.MILLISECONDS.sleep(random.nextInt(1500));
        app.kill();
        try {
            answer.join();
        } catch (CompletionException e) {
            assertThat(e).hasCauseInstanceOf(RuntimeException.class);
        }
    }

    @Test
    void aKillInTheMidstLeavesAllOfItOrNothing() throws Exception {
        String whole;
        int before;
        try (RunningApp app = RunningApp.startFurnished(data)) {
            before = songs(app).get("total").asInt();
            assertThat(app.send("POST", "/api/intake", manySongs().toString()).statusCode())
                    .isEqualTo(201);
            whole = mapper.readTree(app.send("POST", "/api/backups", null).body())
                    .get("name")
                    .asText();
            for (JsonNode line : songs(app).get("lines"))
                if (line.get("id").asText().startsWith("many-"))
                    app.send("DELETE", "/api/songs/" + line.get("id").asText(), null);
            for (int round = 0; round < ROUNDS; round++) {
                int there = songs(app).get("total").asInt();
                String path = List.of("/api/backups/" + whole + "/restore", "/api/backups", "/api/intake")
                        .get(round % 3);
                killInTheMidst(
                        app, path, path.equals("/api/intake") ? manySongs().toString() : null);
                app.again();
                assertThat(songs(app).get("total").asInt()).as(path).isIn(there, before, before + SONGS);
                assertThat(app.send("GET", "/api/studio/notices", null).body()).isEqualTo("[]");
                for (Path backup : backups()) {
                    try (ArchiveReader archive = ArchiveReader.open(backup)) {
                        archive.documents(document -> {});
                        assertThat(archive.problems()).isEmpty();
                    }
                }
            }
            assertThat(app.send("POST", "/api/backups/" + whole + "/restore", null)
                            .statusCode())
                    .isEqualTo(200);
            assertThat(songs(app).get("total").asInt()).isEqualTo(before + SONGS);
        }
    }

    private List<Path> backups() throws IOException {
        try (Stream<Path> files = Files.list(data.resolve("backups"))) {
            return files.filter(file -> file.toString().endsWith(".zip")).toList();
        }
    }

    @Test
    void theCommandLineBacksUpARunningStudioAndRestoresItOnAnEmptyMachine(@TempDir Path elsewhere) throws Exception {
        Path file = elsewhere.resolve("studio.zip");
        int total;
        try (RunningApp app = RunningApp.startFurnished(data)) {
            total = songs(app).get("total").asInt();
            assertThat(Command.run("backup", "--data", data.toString(), file.toString())
                            .code())
                    .isZero();
            Command.Ended busy = Command.run("restore", "--data", data.toString(), file.toString());
            assertThat(busy.code()).isEqualTo(4);
            assertThat(busy.said()).contains("in use");
        }
        Path other = elsewhere.resolve("data");
        Command.Ended restored = Command.run("restore", "--data", other.toString(), file.toString());
        assertThat(restored.said()).contains("Restored");
        assertThat(restored.code()).isZero();
        try (RunningApp app = RunningApp.start(other)) {
            assertThat(songs(app).get("total").asInt()).isEqualTo(total);
            assertThat(app.send("GET", "/api/couples", null).body()).contains("Ines and Tobin");
        }
        Path sheet = elsewhere.resolve("waltz.pdf");
        assertThat(Command.run(
                                "export",
                                "--data",
                                other.toString(),
                                "--as",
                                "pdf",
                                "-o",
                                sheet.toString(),
                                "routine",
                                "long-floor-waltz")
                        .code())
                .isZero();
        assertThat(Files.readAllBytes(sheet)).startsWith('%', 'P', 'D', 'F');
    }
}
