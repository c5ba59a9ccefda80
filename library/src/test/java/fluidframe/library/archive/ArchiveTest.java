package fluidframe.library.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ArchiveTest {
    private static final Instant MADE = Instant.parse("2026-11-20T10:00:00.123456Z");

    @TempDir
    private Path folder;

    /** Documents as a studio may hold them: odd ids, texts that are no document, numbers that are written in another way. */
    private static List<Stored> documents() {
        List<Stored> all = new ArrayList<>(IntStream.range(0, 60)
                .mapToObj(i -> stored(
                        "routine",
                        "r" + i,
                        "{\"format\":\"fluidframe/routine@1\",\"name\":\"Routine " + i
                                + "\",\"tempo\":29.50,\"places\":[" + i + "]}"))
                .toList());
        all.add(stored(
                "song",
                "../../etc/odd id%2F\u00e9\ud83d\ude00",
                "{\"format\":\"fluidframe/song@1\",\"name\":\"\u00e9 \\\"q\\\" \\u0001\",\"big\":1e400}"));
        all.add(stored("figure", "waltz.yaml", "format: fluidframe/figure@1\nname: As it once was kept\n"));
        all.add(stored("list", "own-id", "{\"id\":\"mine\",\"format\":\"x\",\"name\":\"n\"}"));
        all.add(stored("list", "twice", "{\"name\":\"a\",\"name\":\"b\"}"));
        all.add(stored("card", "empty", ""));
        return all;
    }

    private static Stored stored(String kind, String id, String text) {
        List<Stored.Version> versions = id.length() % 2 == 0
                ? List.of(
                        new Stored.Version(2, "a note, with \"quotes\"", MADE.minusSeconds(5), text),
                        new Stored.Version(1, "", MADE.minusSeconds(9), "not: json\n"))
                : List.of();
        Optional<Instant> binned = id.length() % 3 == 0 ? Optional.of(MADE.plusNanos(1000)) : Optional.empty();
        return new Stored(kind, id, "Name of " + id, 7, MADE, binned, text, versions);
    }

    private static final List<List<String>> ROWS = List.of(
            Arrays.asList("1", null, "", "a,b\"c\"\r\nd;\u00e9", "2026-11-20 10:00:00.123456+00"),
            Arrays.asList("2", "NULL", " lead", "\\N", null));

    private static void write(OutputStream out) throws IOException {
        try (ArchiveWriter archive = new ArchiveWriter(out, MADE)) {
            for (Stored one : documents()) archive.document(one);
            Iterator<List<String>> rows = ROWS.iterator();
            archive.table("log_entry", List.of("n", "a", "b", "c", "at"), () -> rows.hasNext() ? rows.next() : null);
            archive.finish("build", "10", 99);
        }
    }

    private Path written() throws IOException {
        Path file = folder.resolve("studio.zip");
        try (OutputStream out = Files.newOutputStream(file)) {
            write(out);
        }
        return file;
    }

    private static List<Stored> read(ArchiveReader archive) {
        List<Stored> all = new ArrayList<>();
        archive.documents(all::add);
        return all;
    }

    @Test
    void whatIsWrittenComesBackToTheCharacter() throws IOException {
        try (ArchiveReader archive = ArchiveReader.open(written())) {
            assertThat(read(archive)).isEqualTo(documents());
            List<List<String>> rows = new ArrayList<>();
            archive.rows("log_entry", (columns, row) -> rows.add(row));
            assertThat(rows).isEqualTo(ROWS);
            assertThat(archive.problems()).isEmpty();
            assertThat(archive.manifest().orElseThrow().changes()).isEqualTo(99);
            assertThat(archive.document("routine", "r7")).contains(documents().get(7));
            assertThat(archive.document("routine", "none")).isEmpty();
        }
    }

    @Test
    void ofOneThatWasCutOffEverythingBeforeTheCutIsRead() throws IOException {
        Path file = written();
        byte[] whole = Files.readAllBytes(file);
        int read = 0;
        for (int percent : new int[] {5, 15, 30}) {
            Files.write(file, Arrays.copyOf(whole, whole.length * percent / 100));
            try (ArchiveReader archive = ArchiveReader.open(file)) {
                List<Stored> found = read(archive);
                assertThat(archive.problems().get(0)).contains("damaged");
                assertThat(found).hasSizeGreaterThan(read);
                read = found.size();
                for (int i = 0; i < found.size(); i++) {
                    assertThat(found.get(i).text()).isEqualTo(documents().get(i).text());
                    assertThat(found.get(i).id()).isEqualTo(documents().get(i).id());
                }
            }
        }
    }

    /** A few bytes changed anywhere: nothing that is read differs from what was written, and what is lost is said. */
    @Test
    void aDamagedFileIsNeverTakenForASoundOne() throws IOException {
        Path file = written();
        byte[] whole = Files.readAllBytes(file);
        Random random = new Random(18);
        List<Stored> all = documents();
        for (int attempt = 0; attempt < 400; attempt++) {
            byte[] damaged = whole.clone();
            for (int i = 0; i < 4; i++) damaged[random.nextInt(damaged.length)] ^= (byte) (1 + random.nextInt(255));
            Files.write(file, damaged);
            try (ArchiveReader archive = ArchiveReader.open(file)) {
                List<Stored> found = read(archive);
                for (Stored one : found) {
                    assertThat(all)
                            .anyMatch(was -> was.text().equals(one.text())
                                    && (!was.text().startsWith("{\"format\":\"fluidframe/routine")
                                            || was.id().equals(one.id())));
                }
                if (found.size() < all.size()) assertThat(archive.problems()).isNotEmpty();
            } catch (IOException e) {
                assertThat(e).hasMessageContaining("backup");
            }
        }
    }

    @Test
    void anotherZipAndAnotherFileAreRefused() throws IOException {
        Path file = folder.resolve("other.zip");
        Files.writeString(file, "no zip at all");
        assertThatThrownBy(() -> ArchiveReader.open(file))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("no backup");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("../../outside.txt"));
            zip.write(1);
        }
        assertThatThrownBy(() -> ArchiveReader.open(file))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("no backup");
    }

    /** A file that unpacks to more than is read of one: told, and not read to its end. */
    @Test
    void aBombIsNotUnpacked() throws IOException {
        Path file = folder.resolve("bomb.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("documents/song/bomb.json"));
            byte[] block = new byte[1 << 20];
            for (int i = 0; i < 300; i++) zip.write(block);
            zip.closeEntry();
            zip.putNextEntry(new ZipEntry("documents/song/small.json"));
            zip.write("{\"format\":\"fluidframe/song@1\",\"id\":\"small\"}".getBytes(StandardCharsets.UTF_8));
        }
        try (ArchiveReader archive = ArchiveReader.open(file)) {
            assertThat(read(archive)).extracting(Stored::id).containsExactly("small");
        }
    }
}
