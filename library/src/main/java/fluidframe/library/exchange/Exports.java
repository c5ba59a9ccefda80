package fluidframe.library.exchange;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.music.Song;
import fluidframe.library.midi.SongMidi;
import fluidframe.library.song.SongSound;
import fluidframe.library.text.Format;
import java.nio.charset.StandardCharsets;

/** What everything kept can be given out in without knowing anything else of the studio. */
public final class Exports {
    /** The rows of a chart as a table. */
    public static final Export<Chart> ROWS =
            Export.of("csv", "Rows for a spreadsheet", "text/csv", (id, chart) -> bytes(RowsCsv.write(chart)));

    /** A song as a standard MIDI file. */
    public static final Export<Song> MIDI =
            Export.of("mid", "MIDI file", "audio/midi", (id, song) -> SongMidi.write(song));

    /** A song as sound. */
    public static final Export<Song> PLAYED =
            Export.of("wav", "Played by the house band", "audio/wav", (id, song) -> SongSound.write(song));

    private Exports() {}

    /** In its open format as YAML. */
    public static <T> Export<T> yaml(Format<T> format) {
        return Export.of("yaml", "Open format, YAML", "application/yaml", (id, value) -> bytes(format.file(id, value)));
    }

    /** In its open format as JSON. */
    public static <T> Export<T> json(Format<T> format) {
        return Export.of("json", "Open format, JSON", "application/json", (id, value) -> {
            ObjectNode document = JsonNodeFactory.instance
                    .objectNode()
                    .put("format", format.name())
                    .put("id", id);
            document.setAll(format.toJson(value));
            return bytes(document.toPrettyString());
        });
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
