package fluidframe.library.archive;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.attribute.FileTime;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes a studio as one zip; the manifest comes last, so that nothing has to be known before it is read. */
public final class ArchiveWriter implements Closeable {
    static final String MANIFEST = "manifest.json";

    /** Nothing between the commas is no value, two quotes are an empty text. */
    static final CSVFormat CSV =
            CSVFormat.POSTGRESQL_CSV.builder().setRecordSeparator("\r\n").get();

    private static final String README = """
            This is a studio of Fluid Frame, readable without it.

            documents/<kind>/<id>.json   what was kept, each in its open format
            versions/<kind>/<id>.json    the versions of it that were kept
            tables/<name>.csv            the log of what was seen while dancing, what was taught, what was answered;
                                         nothing between two commas is no value
            manifest.json                everything with its version, its times and the SHA-256 of its file

            To take it back: ./run restore FILE, or Backups in the settings of the application.
            """;

    private final ZipOutputStream zip;
    private final Instant made;
    private final List<Manifest.Kept> documents = new ArrayList<>();
    private final List<Manifest.Table> tables = new ArrayList<>();

    /** @param made when, the time of every file that has none of its own */
    public ArchiveWriter(OutputStream out, Instant made) throws IOException {
        this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        this.made = made;
        add("README.txt", made, README.getBytes(StandardCharsets.UTF_8));
    }

    public void document(Stored stored) throws IOException {
        String name = stored.kind() + "/" + URLEncoder.encode(stored.id(), StandardCharsets.UTF_8);
        Optional<ObjectNode> document = KeptText.asDocument(stored.id(), stored.text());
        Manifest.File file = document.isPresent()
                ? add("documents/" + name + ".json", stored.savedAt(), pretty(document.get()))
                : add(
                        "documents/" + name + ".txt",
                        stored.savedAt(),
                        stored.text().getBytes(StandardCharsets.UTF_8));
        Manifest.File versions = stored.versions().isEmpty()
                ? null
                : add("versions/" + name + ".json", stored.savedAt(), pretty(versions(stored)));
        documents.add(new Manifest.Kept(
                stored.kind(),
                stored.id(),
                stored.name(),
                stored.version(),
                stored.savedAt().toString(),
                stored.binnedAt().map(Instant::toString).orElse(null),
                document.isEmpty(),
                file,
                versions));
    }

    private static ObjectNode versions(Stored stored) {
        ObjectNode all = KeptText.MAPPER
                .createObjectNode()
                .put("format", "fluidframe/versions@1")
                .put("kind", stored.kind())
                .put("id", stored.id());
        for (Stored.Version version : stored.versions()) {
            ObjectNode one = all.withArray("versions")
                    .addObject()
                    .put("number", version.number())
                    .put("note", version.note())
                    .put("savedAt", version.savedAt().toString());
            Optional<ObjectNode> exactly = KeptText.exactly(version.text());
            if (exactly.isPresent()) one.set("document", exactly.get());
            else one.put("raw", version.text());
        }
        return all;
    }

    private static byte[] pretty(JsonNode node) {
        try {
            return KeptText.MAPPER.writeValueAsBytes(node);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A tree can always be written", e);
        }
    }

    /** Rows of a table, to be given one after the other. */
    public interface Rows {
        /** The next row, a text or null for every column; null after the last. */
        List<String> next();
    }

    public void table(String name, List<String> columns, Rows rows) throws IOException {
        StringWriter text = new StringWriter();
        long count = 0;
        try (CSVPrinter csv = new CSVPrinter(text, CSV)) {
            csv.printRecord(columns);
            for (List<String> row = rows.next(); row != null; row = rows.next()) {
                csv.printRecord(row);
                count++;
            }
        }
        byte[] bytes = text.toString().getBytes(StandardCharsets.UTF_8);
        tables.add(new Manifest.Table(name, count, add("tables/" + name + ".csv", made, bytes)));
    }

    private Manifest.File add(String path, Instant at, byte[] bytes) throws IOException {
        ZipEntry entry = new ZipEntry(path);
        entry.setLastModifiedTime(FileTime.from(at));
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
        return new Manifest.File(path, bytes.length, sha256(bytes));
    }

    static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    /** Writes the manifest and ends the archive. */
    public Manifest finish(String application, String schema, long changes) {
        Manifest manifest =
                new Manifest(Manifest.FORMAT, made.toString(), application, schema, changes, documents, tables);
        try {
            add(MANIFEST, made, manifest.bytes());
            zip.finish();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return manifest;
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
