package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Starting and stopping: demo data whole or not at all, one server a folder, a full disk, a file that shrinks at a clean stop. */
class StartIT {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int REFUSED = 4;
    private static final int DEMO_SONGS = 6;
    private static final int DEMO_WALTZES = 3;

    @TempDir
    private Path data;

    private static JsonNode get(RunningApp app, String path) throws IOException {
        return MAPPER.readTree(app.send("GET", path, null).body());
    }

    @Test
    void theFirstAnswerHasTheWholeDemoAndAKillWhileFurnishingIsMended() throws Exception {
        for (int wait = 0; wait < 3; wait++) {
            try (RunningApp app = RunningApp.begin(data, List.of(), List.of())) {
                // At different moments of making the tables and furnishing.
                while (app.isAlive() && !Files.exists(data.resolve("fluidframe.mv.db"))) TimeUnit.MILLISECONDS.sleep(5);
                TimeUnit.MILLISECONDS.sleep(400L + wait * 900L);
                app.kill();
            }
        }
        try (RunningApp app = RunningApp.begin(data, List.of(), List.of())) {
            HttpResponse<String> first = firstAnswer(app, "/api/routines?dance=waltz");
            assertThat(first.statusCode()).isEqualTo(200);
            assertThat(MAPPER.readTree(first.body()).findValuesAsText("name"))
                    .hasSizeGreaterThanOrEqualTo(DEMO_WALTZES)
                    .doesNotHaveDuplicates();
            assertThat(get(app, "/api/songs").get("lines")).hasSize(DEMO_SONGS);
            assertThat(get(app, "/api/events").get("lines")).isNotEmpty();
            assertThat(get(app, "/api/studio/notices")).isEmpty();
        }
    }

    private static HttpResponse<String> firstAnswer(RunningApp app, String path) throws InterruptedException {
        while (app.isAlive()) {
            try {
                return app.send("GET", path, null);
            } catch (UncheckedIOException e) {
                TimeUnit.MILLISECONDS.sleep(5);
            }
        }
        throw new IllegalStateException(app.said());
    }

    @Test
    void deletedDemoDataStaysDeletedAndACleanStopLeavesASmallFile() throws Exception {
        try (RunningApp app = RunningApp.start(data)) {
            for (JsonNode song : get(app, "/api/songs").get("lines")) {
                assertThat(app.send("DELETE", "/api/songs/" + song.get("id").asText(), null)
                                .statusCode())
                        .isEqualTo(204);
            }
            for (int i = 0; i < 200; i++)
                app.send("POST", "/api/lists/copies", "{\"name\":\"L" + i + "\",\"from\":\"starter\"}");
            long running = Files.size(data.resolve("fluidframe.mv.db"));
            app.stop();
            assertThat(Files.size(data.resolve("fluidframe.mv.db"))).isLessThan(running);
            assertThat(Files.readString(data.resolve("fluidframe.mark")))
                    .contains("length " + Files.size(data.resolve("fluidframe.mv.db")));
        }
        try (RunningApp app = RunningApp.start(data)) {
            assertThat(get(app, "/api/songs").get("lines")).isEmpty();
            assertThat(get(app, "/api/lists?limit=500").get("lines")).hasSize(201);
            assertThat(get(app, "/api/studio/notices")).isEmpty();
        }
    }

    @Test
    void aSecondServerOfTheSameFolderIsRefusedInASentence() throws Exception {
        try (RunningApp app = RunningApp.start(data)) {
            for (List<String> more : List.of(List.<String>of(), List.of("--fluidframe.fresh=true"))) {
                RunningApp second = RunningApp.begin(data, List.of(), more);
                assertThat(second.exit()).isEqualTo(REFUSED);
                assertThat(second.said().trim().lines())
                        .singleElement()
                        .asString()
                        .contains("is in use by a Fluid Frame");
            }
            assertThat(get(app, "/api/songs").get("lines")).hasSize(DEMO_SONGS);
        }
    }

    @Test
    void aFolderThatCannotBeWrittenIsRefusedInASentence() throws Exception {
        Path file = Files.writeString(data.resolve("file"), "");
        RunningApp app = RunningApp.begin(file.resolve("studio"), List.of(), List.of());
        assertThat(app.exit()).isEqualTo(REFUSED);
        assertThat(app.said().trim().lines())
                .singleElement()
                .asString()
                .contains("cannot be written (part of the path is a file)");
    }

    @Test
    void aFullDiskRefusesSavesAndTheServerGoesOnWhenThereIsRoom() throws Exception {
        Path disk = Files.createDirectory(data.resolve("disk"));
        assumeThat(done("mount", "-t", "tmpfs", "-o", "size=64m", "tmpfs", disk.toString()))
                .isTrue();
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        Map<Integer, Integer> answers = new ConcurrentHashMap<>();
        Path studio = disk.resolve("studio");
        Path filler = disk.resolve("filler");
        try (RunningApp app = RunningApp.start(studio)) {
            for (int round = 0; round < 2; round++) {
                saveByEight(app, "before" + round, 5, acknowledged, answers);
                fill(filler, Files.getFileStore(disk).getUsableSpace() - (2L << 20));
                HttpResponse<String> refused = list(app, "full");
                assertThat(refused.statusCode()).as(refused.body()).isEqualTo(507);
                assertThat(refused.body())
                        .contains("is full: this was not saved. What was saved before is safe. Make room");
                saveByEight(app, "full" + round, 3, acknowledged, answers);
                assertThat(lists(app)).containsAll(acknowledged);
                Files.delete(filler);
                assertThat(list(app, "after" + round).statusCode()).isEqualTo(201);
            }
            app.kill();
            RunningApp again = RunningApp.start(studio);
            assertThat(lists(again))
                    .containsAll(acknowledged)
                    .contains("after0", "after1")
                    .doesNotContain("full");
            assertThat(get(again, "/api/studio/notices")).isEmpty();
            again.close();
        } finally {
            done("umount", disk.toString());
        }
        assertThat(answers).as("answers").containsOnlyKeys(201, 507);
    }

    private static void fill(Path file, long bytes) throws Exception {
        try (RandomAccessFile filler = new RandomAccessFile(file.toFile(), "rw")) {
            byte[] zeros = new byte[1 << 20];
            for (long written = 0; written < bytes; written += zeros.length) filler.write(zeros);
        }
    }

    /** What a disk does that fails in the midst of a change, which nobody can foresee: a limit on the size of a file. */
    @Test
    void aDiskThatFailsInTheMidstOfChangesLosesNothingAcknowledged() throws Exception {
        assumeThat(Path.of("/usr/bin/prlimit")).exists();
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        Map<Integer, Integer> answers = new ConcurrentHashMap<>();
        for (int round = 0; round < 2; round++) {
            try (RunningApp app = RunningApp.start(data)) {
                String most = String.valueOf(Files.size(data.resolve("fluidframe.mv.db")) + (100L << 10));
                assertThat(done("prlimit", "--pid", String.valueOf(app.pid()), "--fsize=" + most + ":"))
                        .isTrue();
                String name = "failing " + round;
                Thread writing = new Thread(() -> saveByEight(app, name, 40, acknowledged, answers));
                writing.start();
                long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
                while (!answers.containsKey(507) && writing.isAlive() && System.nanoTime() < end) {
                    TimeUnit.MILLISECONDS.sleep(20);
                }
                app.kill();
                writing.join();
            }
            assertThat(acknowledged).isNotEmpty();
            try (RunningApp app = RunningApp.start(data)) {
                assertThat(lists(app)).containsAll(acknowledged);
                assertThat(get(app, "/api/studio/notices")).isEmpty();
                assertThat(list(app, "after " + round).statusCode()).isEqualTo(201);
            }
        }
    }

    private static List<String> lists(RunningApp app) throws IOException {
        return get(app, "/api/lists?limit=500").get("lines").findValuesAsText("name");
    }

    /** Until all have been answered or the server is gone. */
    private static void saveByEight(
            RunningApp app, String name, int each, Set<String> acknowledged, Map<Integer, Integer> answers) {
        List<Thread> writers = new ArrayList<>();
        for (int who = 0; who < 8; who++) {
            String mine = name + " " + who + " ";
            Thread writer = new Thread(() -> {
                try {
                    for (int i = 0; i < each; i++) {
                        int status = list(app, mine + i).statusCode();
                        answers.merge(status, 1, Integer::sum);
                        if (status == 201) acknowledged.add(mine + i);
                    }
                } catch (UncheckedIOException e) {
                    // The server is gone.
                }
            });
            writer.start();
            writers.add(writer);
        }
        for (Thread writer : writers) {
            try {
                writer.join();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }

    private static boolean done(String... command) throws Exception {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor() == 0;
    }

    private static HttpResponse<String> list(RunningApp app, String name) {
        return app.send("POST", "/api/lists/copies", "{\"name\":\"" + name + "\",\"from\":\"starter\"}");
    }
}
