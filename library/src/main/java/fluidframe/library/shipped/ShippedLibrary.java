package fluidframe.library.shipped;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.core.chart.Chart;
import fluidframe.library.figure.ChartReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The charts that ship with the application, read-only, in the order in which {@link Packing} lists them. */
public final class ShippedLibrary {
    private static final String PACKED = "/charts.json";

    private ShippedLibrary() {}

    /** Paths below {@code charts/}, such as {@code waltz/whisk.yaml}. */
    public static List<String> files() {
        return text("index.txt").lines().filter(line -> !line.isBlank()).toList();
    }

    /** The text of one of {@link #files()}. */
    public static String text(String file) {
        try (InputStream in = ShippedLibrary.class.getResourceAsStream("/charts/" + file)) {
            if (in == null) throw new IllegalArgumentException("The library must have " + file + ", but has not");
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * All charts, from the one file the build has packed them into: opening and reading them one by one would take most of the
     * start. Their shape is held against the schema by the tests. A chart that cannot be read is a fault of the build and
     * refused with its first problem.
     */
    public static List<Chart> load() {
        try (InputStream in = ShippedLibrary.class.getResourceAsStream(PACKED)) {
            if (in == null) throw new IllegalStateException("The library must be packed: build it with Maven");
            List<JsonNode> documents = new ArrayList<>();
            new ObjectMapper().readTree(in).forEach(documents::add);
            return documents.parallelStream()
                    .map(document -> ChartReader.readChecked(document).orThrow())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
