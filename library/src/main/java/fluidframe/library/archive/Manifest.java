package fluidframe.library.archive;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * What an archive holds, with a SHA-256 of every file in it. Times are instants as ISO 8601 writes them.
 *
 * @param format {@link #FORMAT}
 * @param made when
 * @param application the build that made it
 * @param schema the version of the tables it was made of
 * @param changes how many changes had been saved
 */
public record Manifest(
        String format,
        String made,
        String application,
        String schema,
        long changes,
        List<Kept> documents,
        List<Table> tables) {
    /** What stands in the manifest of every archive. */
    public static final String FORMAT = "fluidframe/studio@1";

    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_NULL, JsonInclude.Include.NON_NULL))
            .build();

    /** A file in the archive. */
    public record File(String path, long bytes, String sha256) {
        public File {
            required(path, "path");
            required(sha256, "sha256");
        }
    }

    /**
     * A document.
     *
     * @param binnedAt null for what is not in the bin
     * @param raw whether its file is the text as it was kept, since it could not be written as a document
     * @param versions null where none were kept
     */
    public record Kept(
            String kind,
            String id,
            String name,
            long version,
            String savedAt,
            String binnedAt,
            boolean raw,
            File file,
            File versions) {
        public Kept {
            required(kind, "kind");
            required(id, "id");
            required(name, "name");
            required(savedAt, "savedAt");
            required(file, "file");
        }
    }

    /** The rows of a table. */
    public record Table(String name, long rows, File file) {
        public Table {
            required(name, "name");
            required(file, "file");
        }
    }

    private static void required(Object value, String key) {
        if (value == null) throw new IllegalArgumentException("The key \"" + key + "\" is missing in the manifest");
    }

    public Manifest {
        documents = documents == null ? List.of() : List.copyOf(documents);
        tables = tables == null ? List.of() : List.copyOf(tables);
    }

    byte[] bytes() {
        try {
            return MAPPER.writeValueAsBytes(this);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A manifest is plain texts and numbers", e);
        }
    }

    /** @throws IOException if it is none */
    static Manifest read(byte[] bytes) throws IOException {
        Manifest read = MAPPER.readValue(new String(bytes, StandardCharsets.UTF_8), Manifest.class);
        if (read == null || !FORMAT.equals(read.format())) {
            throw new IOException("The manifest must have the format " + FORMAT + ", but has "
                    + (read == null ? "nothing" : "\"" + read.format() + "\""));
        }
        return read;
    }
}
