package fluidframe.library.shipped;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.SourceText;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** The drills and set-up cards that ship, as documents of the open formats. */
public final class StarterExercises {
    private StarterExercises() {}

    public static JsonNode drills() {
        return read("/drills.yaml");
    }

    public static JsonNode cards() {
        return read("/cards.yaml");
    }

    private static JsonNode read(String resource) {
        try (InputStream in = StarterExercises.class.getResourceAsStream(resource)) {
            if (in == null) throw new IllegalStateException("The library must have " + resource + ", but has not");
            return SourceText.read(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .root();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (SourceText.Unreadable e) {
            throw new IllegalStateException(resource + " cannot be read: " + e.problem(), e);
        }
    }
}
