package fluidframe.library.shipped;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import fluidframe.core.band.Band;
import fluidframe.core.band.Chord;
import fluidframe.core.band.Instrument;
import fluidframe.core.band.Part;
import fluidframe.core.count.Dance;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The bands that ship with the application, one for each dance. */
public final class Bands {
    private static final double EVEN = 0.5;

    private Bands() {}

    /**
     * All of them.
     *
     * @throws IllegalArgumentException if one cannot be played as it is written
     */
    public static Map<Dance, Band> load() {
        try (InputStream in = Bands.class.getResourceAsStream("/bands.yaml")) {
            Map<Dance, Band> bands = new EnumMap<>(Dance.class);
            new ObjectMapper(new YAMLFactory())
                    .readTree(in)
                    .path("bands")
                    .properties()
                    .forEach(one -> {
                        Dance dance = Dance.parse(one.getKey());
                        bands.put(dance, band(dance, one.getValue()));
                    });
            return bands;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Band band(Dance dance, JsonNode node) {
        int cells = node.path("cells").asInt();
        return new Band(
                dance,
                cells,
                node.path("swing").asDouble(EVEN),
                node.path("early").asDouble(0),
                node.path("level").asDouble(0),
                chords(node.path("harmony")),
                parts(node.path("parts"), cells * dance.beatsPerBar()),
                chords(node.path("cadence")),
                parts(node.path("close"), cells * dance.beatsPerBar()));
    }

    private static List<Chord> chords(JsonNode node) {
        return Stream.of(node.asText().split(" ")).map(Chord::parse).toList();
    }

    private static List<Part> parts(JsonNode node, int cells) {
        List<Part> parts = new ArrayList<>();
        node.properties()
                .forEach(part -> parts.add(Part.parse(
                        Instrument.parse(part.getKey()), part.getValue().asText(), cells)));
        return parts;
    }
}
