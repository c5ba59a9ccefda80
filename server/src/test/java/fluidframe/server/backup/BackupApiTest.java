package fluidframe.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.library.archive.ArchiveReader;
import fluidframe.library.archive.Stored;
import fluidframe.server.ApiCalls;
import fluidframe.server.StudioRows;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;

class BackupApiTest extends ApiCalls {
    /** How many changed manifests are tried. */
    private static final int CHANGED = 24;

    @Autowired
    private DataSource source;

    @Autowired
    private Backups backups;

    private JsonNode make() throws Exception {
        return call(201, post("/api/backups"), null);
    }

    private String song(String name) throws Exception {
        ObjectNode song = mapper.createObjectNode()
                .put("name", name)
                .put("beatsPerBar", 3)
                .put("phraseBars", 8);
        song.withArray("sections")
                .addObject()
                .put("name", "Verse")
                .put("bars", 16)
                .put("kind", "dance");
        song.withArray("tempos").addObject().put("bar", 1).put("barsPerMinute", 29);
        return call(201, post("/api/songs"), song).get("id").asText();
    }

    @Test
    void whatWasBackedUpComesBackItemByItem() throws Exception {
        String binned = song("In the bin");
        call(204, delete("/api/songs/" + binned), null);
        Map<String, List<String>> before = StudioRows.of(source);
        assertThat(before.get("log_entry")).isNotEmpty();
        assertThat(before.get("document_version")).isNotEmpty();
        String name = make().get("name").asText();

        song("Made since");
        call(204, delete("/api/routines/long-floor-waltz"), null);
        new JdbcTemplate(source).update("delete from log_entry where id > 3");
        JsonNode contents = call(200, get("/api/backups/" + name + "/contents"), null);
        assertThat(contents.get("items").findValuesAsText("state")).contains("gone", "different");
        assertThat(contents.get("problems")).isEmpty();

        JsonNode done = call(200, post("/api/backups/" + name + "/restore"), null);
        assertThat(done.get("problems")).isEmpty();
        assertThat(StudioRows.of(source)).isEqualTo(before);
        assertThat(call(200, get("/api/backups/" + name + "/contents"), null).get("items"))
                .isEmpty();
        // What was there before the restore is in a backup of its own.
        try (ArchiveReader archive =
                ArchiveReader.open(backups.file(done.get("before").asText()))) {
            List<Stored> kept = new ArrayList<>();
            archive.documents(kept::add);
            assertThat(kept).extracting(Stored::name).contains("Made since");
        }
        assertThat(call(200, get("/api/routines/long-floor-waltz"), null)
                        .get("id")
                        .asText())
                .isEqualTo("long-floor-waltz");
        call(204, delete("/api/backups/" + name), null);
        call(404, get("/api/backups/" + name + "/contents"), null);
    }

    /** A page that still shows what was there before must not take the restored one for it. */
    @Test
    void aWindowFromBeforeTheRestoreCannotSaveOverIt() throws Exception {
        String id = song("Begun");
        String name = make().get("name").asText();
        JsonNode view = call(200, get("/api/songs/" + id), null);
        ObjectNode save = mapper.createObjectNode()
                .put("expectedVersion", view.get("version").asLong());
        save.set("document", ((ObjectNode) view.get("document").deepCopy()).put("name", "Changed"));
        long changed = call(200, put("/api/songs/" + id), save).get("version").asLong();
        call(200, post("/api/backups/" + name + "/restore"), null);
        JsonNode now = call(200, get("/api/songs/" + id), null);
        assertThat(now.get("document").get("name").asText()).isEqualTo("Begun");
        assertThat(now.get("version").asLong()).isGreaterThan(changed);
        save.put("expectedVersion", changed);
        call(409, put("/api/songs/" + id), save);
    }

    /** Writers who always save two songs of one name together: no backup ever holds half a pair. */
    @Test
    void aBackupIsOfOneInstantWhileOthersWrite() throws Exception {
        List<String> pair = List.of(song("Pair a 0"), song("Pair b 0"));
        JdbcTemplate database = new JdbcTemplate(source);
        var transaction = new org.springframework.transaction.support.TransactionTemplate(
                new org.springframework.jdbc.datasource.DataSourceTransactionManager(source));
        AtomicBoolean over = new AtomicBoolean();
        for (String id : pair) database.update("update document set text = 'begun' where kind = 'song' and id = ?", id);
        ExecutorService writer = Executors.newSingleThreadExecutor();
        Future<Integer> writing = writer.submit(() -> {
            int round = 0;
            while (!over.get()) {
                String text = "{\"name\":\"Round " + ++round + "\",\"words\":\"" + "x".repeat(5000) + "\"}";
                transaction.executeWithoutResult(status -> pair.forEach(id ->
                        database.update("update document set text = ? where kind = 'song' and id = ?", text, id)));
            }
            return round;
        });
        for (int i = 0; i < 8; i++) {
            Path file = backups.file(make().get("name").asText());
            try (ArchiveReader archive = ArchiveReader.open(file)) {
                assertThat(archive.document("song", pair.get(0)).orElseThrow().text())
                        .isEqualTo(archive.document("song", pair.get(1))
                                .orElseThrow()
                                .text());
                assertThat(archive.problems()).isEmpty();
            }
            Files.delete(file);
        }
        over.set(true);
        assertThat(writing.get()).isGreaterThan(8);
        writer.shutdown();
        for (String id : pair) database.update("delete from document where kind = 'song' and id = ?", id);
    }

    @Test
    void aDamagedOneGivesBackWhatIsSoundAndTakesNothingAway() throws Exception {
        String id = song("Stays");
        Path file = backups.file(make().get("name").asText());
        try (RandomAccessFile cut = new RandomAccessFile(file.toFile(), "rw")) {
            cut.setLength(cut.length() / 3);
        }
        String name = file.getFileName().toString();
        JsonNode contents = call(200, get("/api/backups/" + name + "/contents"), null);
        assertThat(contents.get("problems").get(0).asText()).contains("damaged");
        assertThat(contents.get("items").findValuesAsText("state")).doesNotContain("gone");
        JsonNode done = call(200, post("/api/backups/" + name + "/restore"), null);
        assertThat(done.get("problems")).isNotEmpty();
        assertThat(done.get("documents").asInt()).isPositive();
        call(200, get("/api/songs/" + id), null);
        Files.delete(file);
    }

    @Test
    void namesThatLeadElsewhereAndFilesThatAreNoneAreRefused() throws Exception {
        for (String name : List.of("..%2Ffluidframe.mv.db", "%2Fetc%2Fpasswd", "none.zip", "."))
            assertThat(mvc.perform(get(java.net.URI.create("/api/backups/" + name + "/file")))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .isIn(400, 404);
        var refused = mvc.perform(
                        post("/api/backups/file").contentType("application/zip").content("no zip"))
                .andReturn()
                .getResponse();
        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).contains("no backup of a studio");
    }

    /** The manifest of a sound backup with pieces changed by hand: restored or refused, never by half. */
    @Test
    void aManifestThatWasChangedByHandIsRefusedOrReadAsFarAsItHolds() throws Exception {
        song("Stands");
        Path whole = backups.file(make().get("name").asText());
        Random random = new Random(18);
        List<String> odd = List.of(
                "null",
                "\"\"",
                "-1",
                "\"\\u0000\"",
                "\"../../x\"",
                "[]",
                "\"song\"",
                "\"+1000000000-12-31T23:59:59Z\"");
        int refused = 0;
        for (int i = 0; i < CHANGED; i++) {
            Path changed = whole.resolveSibling("2026-01-01-changed.zip");
            rezipped(whole, changed, manifest -> {
                JsonNode tree = mapper.readTree(manifest);
                ObjectNode target = (ObjectNode)
                        (random.nextBoolean()
                                ? tree.get("documents")
                                        .get(random.nextInt(
                                                tree.get("documents").size()))
                                : tree.get("tables")
                                        .get(random.nextInt(tree.get("tables").size())));
                List<String> keys = new ArrayList<>();
                target.fieldNames().forEachRemaining(keys::add);
                target.set(keys.get(random.nextInt(keys.size())), mapper.readTree(odd.get(random.nextInt(odd.size()))));
                return mapper.writeValueAsBytes(tree);
            });
            Map<String, List<String>> before = StudioRows.of(source);
            for (String action : List.of("contents", "restore")) {
                var request = action.equals("contents")
                        ? get("/api/backups/2026-01-01-changed.zip/contents")
                        : post("/api/backups/2026-01-01-changed.zip/restore");
                MockHttpServletResponse answer =
                        mvc.perform(request).andReturn().getResponse();
                assertThat(answer.getStatus()).as(answer.getContentAsString()).isIn(200, 422);
                if (answer.getStatus() == 422 && action.equals("restore")) {
                    refused++;
                    assertThat(StudioRows.of(source)).isEqualTo(before);
                }
            }
            call(200, post("/api/backups/" + whole.getFileName() + "/restore"), null);
            Files.delete(changed);
        }
        assertThat(refused).isLessThan(CHANGED);
        call(200, get("/api/routines/long-floor-waltz"), null);
    }

    /** Changes the manifest in a zip. */
    private interface Change {
        byte[] of(byte[] manifest) throws IOException;
    }

    private static void rezipped(Path from, Path to, Change change) throws IOException {
        try (ZipFile zip = new ZipFile(from.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(to))) {
            for (ZipEntry entry : java.util.Collections.list(zip.entries())) {
                byte[] bytes = zip.getInputStream(entry).readAllBytes();
                out.putNextEntry(new ZipEntry(entry.getName()));
                out.write(entry.getName().equals("manifest.json") ? change.of(bytes) : bytes);
                out.closeEntry();
            }
        }
    }

    /** Backups, restores, saves and lists all at once: nothing fails, and at the end the studio is one of those it was. */
    @Test
    void overlappingBackupsRestoresAndSavesAllComeToAnEnd() throws Exception {
        String id = song("Overlap");
        String name = make().get("name").asText();
        ExecutorService all = Executors.newFixedThreadPool(4);
        List<Future<?>> done = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            done.add(all.submit(() -> call(200, post("/api/backups/" + name + "/restore"), null)));
            done.add(all.submit(() -> call(
                    200,
                    get("/api/backups/"
                            + call(201, post("/api/backups"), null).get("name").asText() + "/contents"),
                    null)));
            done.add(all.submit(() -> song("Beside a restore")));
            done.add(all.submit(() -> {
                JsonNode view = call(200, get("/api/songs/" + id), null);
                ObjectNode save = mapper.createObjectNode()
                        .put("expectedVersion", view.get("version").asLong());
                save.set("document", ((ObjectNode) view.get("document")).put("name", "Saved beside a restore"));
                int status = mvc.perform(put("/api/songs/" + id)
                                .contentType("application/json")
                                .content(save.toString()))
                        .andReturn()
                        .getResponse()
                        .getStatus();
                assertThat(status).isIn(200, 409);
                return null;
            }));
        }
        for (Future<?> one : done) one.get();
        all.shutdown();
        assertThat(call(200, get("/api/songs/" + id), null).at("/document/name").asText())
                .isIn("Overlap", "Saved beside a restore");
        call(200, post("/api/backups/" + name + "/restore"), null);
        assertThat(call(200, get("/api/backups/" + name + "/contents"), null).get("items"))
                .isEmpty();
    }
}
