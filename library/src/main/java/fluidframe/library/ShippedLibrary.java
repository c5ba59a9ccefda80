package fluidframe.library;

import fluidframe.core.chart.Chart;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The charts that ship with the application, read-only, in the order of {@code charts/index.txt}. */
public final class ShippedLibrary {
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

    /** All charts; a shipped file that cannot be read is a fault of the build and refused with its first problem. */
    public static List<Chart> load() {
        return files().stream()
                .map(file -> ChartReader.read(text(file)).orThrow())
                .toList();
    }
}
