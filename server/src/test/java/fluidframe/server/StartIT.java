package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
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
            assertThat(get(app, "/api/songs")).hasSize(3);
            assertThat(get(app, "/api/events")).isNotEmpty();
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
            for (JsonNode song : get(app, "/api/songs")) {
                assertThat(app.send("DELETE", "/api/songs/" + song.get("id").asText(), null)
                                .statusCode())
                        .isEqualTo(204);
            }
            for (int i = 0; i < 200; i++)
                app.send("POST", "/api/lists", "{\"name\":\"L" + i + "\",\"from\":\"starter\"}");
            long running = Files.size(data.resolve("fluidframe.mv.db"));
            app.stop();
            assertThat(Files.size(data.resolve("fluidframe.mv.db"))).isLessThan(running);
            assertThat(Files.readString(data.resolve("fluidframe.mark")))
                    .contains("length " + Files.size(data.resolve("fluidframe.mv.db")));
        }
        try (RunningApp app = RunningApp.start(data)) {
            assertThat(get(app, "/api/songs")).isEmpty();
            assertThat(get(app, "/api/lists")).hasSize(201);
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
            assertThat(get(app, "/api/songs")).hasSize(3);
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
        assumeThat(Path.of("/usr/bin/prlimit")).exists();
        try (RunningApp app = RunningApp.start(data)) {
            int saved = 0;
            assertThat(list(app, "before").statusCode()).isEqualTo(201);
            limit(app, Files.size(data.resolve("fluidframe.mv.db")));
            HttpResponse<String> refused = list(app, "full 0");
            for (int i = 1; i < 400 && refused.statusCode() == 201; i++) {
                saved = i;
                refused = list(app, "full " + i);
            }
            assertThat(refused.statusCode()).as(refused.body()).isEqualTo(507);
            assertThat(refused.body()).contains("this was not saved. What was saved before is safe. Make room");
            limit(app, Long.MAX_VALUE);
            HttpResponse<String> again = list(app, "after");
            for (int i = 0; i < 20 && again.statusCode() != 201; i++) {
                TimeUnit.MILLISECONDS.sleep(300);
                again = list(app, "after");
            }
            assertThat(again.statusCode()).as(again.body()).isEqualTo(201);
            List<String> names = get(app, "/api/lists").findValuesAsText("name");
            assertThat(names).contains("before", "after");
            for (int i = 0; i < saved; i++) assertThat(names).contains("full " + i);
            app.kill();
        }
        try (RunningApp app = RunningApp.start(data)) {
            assertThat(get(app, "/api/lists").findValuesAsText("name")).contains("before", "after");
            assertThat(get(app, "/api/studio/notices")).isEmpty();
        }
    }

    @Test
    void aDiskThatFillsUpUnderEightWritersAndAKillLoseNothingAcknowledged() throws Exception {
        assumeThat(Path.of("/usr/bin/prlimit")).exists();
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        Map<Integer, Integer> answers = new ConcurrentHashMap<>();
        try (RunningApp app = RunningApp.start(data)) {
            for (int round = 0; round < 2; round++) {
                limit(app, Files.size(data.resolve("fluidframe.mv.db")) + (100L << 10));
                saveByEight(app, "full" + round, 12, acknowledged, answers);
                limit(app, Long.MAX_VALUE);
                saveByEight(app, "room" + round, 2, acknowledged, answers);
            }
            limit(app, Files.size(data.resolve("fluidframe.mv.db")) + (100L << 10));
            saveByEight(app, "last", 12, acknowledged, answers);
            app.kill();
        }
        assertThat(answers.keySet()).as("answers %s", answers).isSubsetOf(Set.of(201, 503, 507));
        assertThat(answers).containsKeys(201, 507);
        try (RunningApp app = RunningApp.start(data)) {
            assertThat(get(app, "/api/lists").findValuesAsText("name")).containsAll(acknowledged);
            assertThat(get(app, "/api/studio/notices")).isEmpty();
            assertThat(list(app, "after it all").statusCode()).isEqualTo(201);
        }
    }

    private static void saveByEight(
            RunningApp app, String name, int each, Set<String> acknowledged, Map<Integer, Integer> answers)
            throws InterruptedException {
        List<Thread> writers = new ArrayList<>();
        for (int who = 0; who < 8; who++) {
            String mine = name + " " + who + " ";
            Thread writer = new Thread(() -> {
                for (int i = 0; i < each; i++) {
                    int status = list(app, mine + i).statusCode();
                    answers.merge(status, 1, Integer::sum);
                    if (status == 201) acknowledged.add(mine + i);
                }
            });
            writer.start();
            writers.add(writer);
        }
        for (Thread writer : writers) writer.join();
    }

    private static HttpResponse<String> list(RunningApp app, String name) {
        return app.send("POST", "/api/lists", "{\"name\":\"" + name + "\",\"from\":\"starter\"}");
    }

    /** The largest file that the process may write, as a disk would have it that is full. */
    private static void limit(RunningApp app, long bytes) throws Exception {
        String most = bytes == Long.MAX_VALUE ? "unlimited" : String.valueOf(bytes);
        Process limited = new ProcessBuilder("prlimit", "--pid", String.valueOf(app.pid()), "--fsize=" + most + ":")
                .redirectErrorStream(true)
                .start();
        assertThat(limited.waitFor())
                .as(new String(limited.getInputStream().readAllBytes()))
                .isZero();
    }
}
