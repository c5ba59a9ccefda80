package fluidframe.library.exchange;

import fluidframe.core.chart.Chart;
import fluidframe.library.text.Problem;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Takes any file for what it is. */
public final class Imports {
    private final List<Import> all;

    /** @param charts the chart of an id, as far as there is one */
    public Imports(Function<String, Optional<Chart>> charts) {
        all = List.of(new MidiImport(), new RecordingImport(), new RowsCsv(charts), new DocumentImport());
    }

    /** A file of another format may say what none of ours can hold. */
    private static Brought fitting(Brought brought) {
        List<Problem> unfit = brought.things().stream()
                .flatMap(thing -> Formats.of(thing.kind()).orElseThrow().read(thing.document()).problems().stream())
                .toList();
        return unfit.isEmpty() ? brought : Brought.refused(brought.what(), unfit);
    }

    /** What a file brings; what is none of ours is said to be. */
    public Brought read(Incoming file) {
        if (file.bytes().length == 0) return Brought.refused("an empty file", "The file is empty");
        return all.stream()
                .filter(one -> one.recognises(file))
                .findFirst()
                .map(one -> fitting(one.read(file)))
                .orElseGet(() -> Brought.refused(
                        "a file of another kind",
                        "This can be no chart, list, routine, song or event, no table of rows (.csv), no MIDI file (.mid) and no"
                                + " backup (.zip): nothing of it was taken"));
    }
}
