package fluidframe.library.shipped;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import fluidframe.core.count.Dance;
import fluidframe.library.list.ListFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Run by the build: lists the charts that lie in a folder in {@code index.txt}, dance by dance as the starter list teaches them
 * and what it does not mention behind by name, and packs them into one file in that order.
 */
public final class Packing {
    private static final String EXTENSION = ".yaml";

    private Packing() {}

    /** The folder of the charts as they are written, and the folder into which index and pack are put. */
    public static void main(String[] arguments) throws IOException {
        Path folder = Path.of(arguments[0]);
        Path built = Path.of(arguments[1]);
        List<String> files = ordered(folder);
        Files.write(built.resolve("charts/index.txt"), files);
        ObjectMapper yaml = new ObjectMapper(new YAMLFactory());
        List<JsonNode> documents = new ArrayList<>();
        for (String file : files) {
            documents.add(yaml.readTree(folder.resolve(file).toFile()));
        }
        Files.writeString(built.resolve("charts.json"), new ObjectMapper().writeValueAsString(documents));
    }

    private static List<String> ordered(Path folder) throws IOException {
        List<String> dances = Arrays.stream(Dance.values()).map(Dance::toString).toList();
        List<String> taught = ListFormat.starter().levels().stream()
                .flatMap(level -> level.figures().stream())
                .toList();
        try (Stream<Path> files = Files.walk(folder)) {
            return files.map(file -> folder.relativize(file).toString().replace('\\', '/'))
                    .filter(file -> file.endsWith(EXTENSION))
                    .sorted(Comparator.<String>comparingInt(
                                    file -> dances.indexOf(file.substring(0, file.indexOf('/'))))
                            .thenComparingInt(file -> place(taught, id(file)))
                            .thenComparing(Comparator.naturalOrder()))
                    .toList();
        }
    }

    private static int place(List<String> taught, String id) {
        int place = taught.indexOf(id);
        return place < 0 ? taught.size() : place;
    }

    /** {@code waltz.whisk} for {@code waltz/whisk.yaml}. */
    private static String id(String file) {
        return file.substring(0, file.length() - EXTENSION.length()).replace('/', '.');
    }
}
