package fluidframe.library.archive;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayInputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads an archive, whole or as far as it is sound. What cannot be read is told and left out; nothing of a damaged file is
 * taken for whole, since every file is held against its check sum.
 */
public final class ArchiveReader implements Closeable {
    private static final Pattern DOCUMENT = Pattern.compile("documents/([a-z]+)/([^/]+)\\.(json|txt)");
    private static final Pattern TABLE = Pattern.compile("tables/([a-z_]+)\\.csv");

    private static final Pattern FORMAT = Pattern.compile("fluidframe/([a-z]+)@\\d+");

    /** Bytes read out of one archive in all: a studio of decades is smaller. */
    private static final long MOST_IN_ALL = 2L << 30;

    private final ZipSource zip;
    private final Optional<Manifest> manifest;
    private final List<String> problems = new ArrayList<>();
    private long readInAll;

    /** Somebody to whom documents are given one after the other. */
    public interface DocumentTaker {
        void take(Stored document);
    }

    /** Somebody to whom the rows of a table are given one after the other; null where there is no value. */
    public interface RowTaker {
        void take(List<String> columns, List<String> row);
    }

    private ArchiveReader(ZipSource zip, Optional<Manifest> manifest) {
        this.zip = zip;
        this.manifest = manifest;
    }

    /** @throws IOException if it is no archive, not even a damaged one */
    public static ArchiveReader open(Path file) throws IOException {
        String lost = "";
        try {
            ZipSource whole = new WholeZip(file);
            try {
                return new ArchiveReader(whole, Optional.of(Manifest.read(whole.read(ArchiveWriter.MANIFEST))));
            } catch (IOException e) {
                whole.close();
                lost = e.getMessage();
            }
        } catch (IOException e) {
            lost = "its directory, which stands at its end, is gone";
        }
        ArchiveReader left = new ArchiveReader(new BrokenZip(file), Optional.empty());
        if (left.zip.paths().stream().noneMatch(path -> DOCUMENT.matcher(path).matches())) {
            left.close();
            throw new IOException("This is no backup of a studio, or nothing of it can be read any more");
        }
        left.problems.add(
                "The backup is damaged (" + lost + "): what proved whole in it is read. What was in the bin and "
                        + "what was not cannot be told apart any more.");
        return left;
    }

    /** Empty where it is lost. */
    public Optional<Manifest> manifest() {
        return manifest;
    }

    /** What could not be read so far, a sentence each. */
    public List<String> problems() {
        return List.copyOf(problems);
    }

    /** Every document that can be read, in the order of the archive. */
    public void documents(DocumentTaker taker) {
        if (manifest.isPresent()) {
            manifest.get().documents().forEach(kept -> listed(kept).ifPresent(taker::take));
            return;
        }
        for (String path : zip.paths()) {
            Matcher named = DOCUMENT.matcher(path);
            if (named.matches()) unlisted(path, named).ifPresent(taker::take);
        }
    }

    /** One document of an archive that has its manifest. */
    public Optional<Stored> document(String kind, String id) {
        return manifest.stream()
                .flatMap(all -> all.documents().stream())
                .filter(kept -> kept.kind().equals(kind) && kept.id().equals(id))
                .findFirst()
                .flatMap(this::listed);
    }

    private Optional<Stored> listed(Manifest.Kept kept) {
        try {
            byte[] bytes = checked(kept.file());
            String text = kept.raw() ? text(bytes) : KeptText.ofDocument(KeptText.MAPPER.readTree(bytes));
            return Optional.of(new Stored(
                    kept.kind(),
                    kept.id(),
                    kept.name(),
                    kept.version(),
                    Instant.parse(kept.savedAt()),
                    Optional.ofNullable(kept.binnedAt()).map(Instant::parse),
                    text,
                    versions(kept)));
        } catch (IOException | DateTimeException e) {
            problems.add("The " + kept.kind() + " \"" + kept.name() + "\" cannot be read: " + reason(e));
            return Optional.empty();
        }
    }

    private List<Stored.Version> versions(Manifest.Kept kept) {
        if (kept.versions() == null) return List.of();
        try {
            return versions(KeptText.MAPPER.readTree(checked(kept.versions())));
        } catch (IOException | DateTimeException e) {
            problems.add(
                    "The versions of the " + kept.kind() + " \"" + kept.name() + "\" cannot be read: " + reason(e));
            return List.of();
        }
    }

    private static List<Stored.Version> versions(JsonNode all) {
        List<Stored.Version> versions = new ArrayList<>();
        for (JsonNode one : all.path("versions")) {
            versions.add(new Stored.Version(
                    one.path("number").asLong(),
                    one.path("note").asText(),
                    Instant.parse(one.path("savedAt").asText()),
                    one.has("document")
                            ? one.get("document").toString()
                            : one.path("raw").asText()));
        }
        return versions;
    }

    /** A document without its line in the manifest: what it says of itself counts, since a damaged name goes unnoticed. */
    private Optional<Stored> unlisted(String path, Matcher named) {
        try {
            byte[] bytes = counted(zip.read(path));
            String kind = named.group(1);
            String id = URLDecoder.decode(named.group(2), StandardCharsets.UTF_8);
            String text = text(bytes);
            String name = id;
            if (named.group(3).equals("json")) {
                JsonNode document = KeptText.MAPPER.readTree(bytes);
                Matcher format = FORMAT.matcher(document.path("format").asText());
                if (!format.matches()) throw new IOException("it does not say its format");
                kind = format.group(1);
                id = document.path("id").asText();
                name = document.path("name").asText(id);
                text = KeptText.ofDocument(document);
            }
            List<Stored.Version> versions = unlistedVersions(kind, id);
            long version =
                    versions.stream().mapToLong(Stored.Version::number).max().orElse(0) + 1;
            return Optional.of(new Stored(kind, id, name, version, zip.time(path), Optional.empty(), text, versions));
        } catch (IOException | DateTimeException | IllegalArgumentException e) {
            problems.add(path + " cannot be read: " + reason(e));
            return Optional.empty();
        }
    }

    private List<Stored.Version> unlistedVersions(String kind, String id) throws IOException {
        String path = "versions/" + kind + "/" + URLEncoder.encode(id, StandardCharsets.UTF_8) + ".json";
        if (!zip.paths().contains(path)) return List.of();
        return versions(KeptText.MAPPER.readTree(counted(zip.read(path))));
    }

    /** The names of the tables in it. */
    public List<String> tables() {
        if (manifest.isPresent())
            return manifest.get().tables().stream().map(Manifest.Table::name).toList();
        return zip.paths().stream()
                .map(TABLE::matcher)
                .filter(Matcher::matches)
                .map(named -> named.group(1))
                .toList();
    }

    /** Every row of a table, up to the first that cannot be read. */
    public void rows(String table, RowTaker taker) {
        String path = "tables/" + table + ".csv";
        Optional<Manifest.Table> listed = manifest.stream()
                .flatMap(all -> all.tables().stream())
                .filter(one -> one.name().equals(table))
                .findFirst();
        try {
            byte[] bytes = listed.isPresent() ? checked(listed.get().file()) : counted(zip.read(path));
            Reader text = new InputStreamReader(new ByteArrayInputStream(bytes), StandardCharsets.UTF_8);
            try (CSVParser csv = CSVParser.parse(text, ArchiveWriter.CSV)) {
                List<String> columns = null;
                for (CSVRecord row : csv) {
                    List<String> cells = row.toList();
                    if (columns == null) columns = cells;
                    else taker.take(columns, cells);
                }
            }
        } catch (IOException | java.io.UncheckedIOException e) {
            problems.add("The table \"" + table + "\" cannot be read: " + reason(e));
        }
    }

    private byte[] checked(Manifest.File file) throws IOException {
        byte[] bytes = counted(zip.read(file.path()));
        if (!ArchiveWriter.sha256(bytes).equals(file.sha256()))
            throw new IOException(file.path() + " has been changed or is damaged");
        return bytes;
    }

    private byte[] counted(byte[] bytes) throws IOException {
        readInAll += bytes.length;
        if (readInAll > MOST_IN_ALL)
            throw new IOException("the backup unpacks to more than " + (MOST_IN_ALL >> 30) + " GB");
        return bytes;
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.UTF_8);
    }

    private static String reason(Exception e) {
        return e.getMessage() == null
                ? "it is damaged"
                : e.getMessage().lines().findFirst().orElse("it is damaged");
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
