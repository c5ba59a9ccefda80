package fluidframe.server.motion;

import fluidframe.core.band.Band;
import fluidframe.core.band.Note;
import fluidframe.core.count.Dance;
import fluidframe.library.shipped.Bands;
import fluidframe.server.refusal.NotFoundException;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the band plays for a dance. */
@RestController
@RequestMapping("/api/bands")
class BandController {
    private final Map<Dance, Band> bands = Bands.load();

    /**
     * The band of a dance.
     *
     * @param beatsPerBar of the dance
     * @param level how much louder or softer than usual all of it is, in decibels
     * @param phraseBeats after which the phrase begins again
     * @param endingBeats before the end at which the ending takes over
     * @param ending from its own first beat
     */
    record DanceBand(
            String dance,
            int beatsPerBar,
            double level,
            int phraseBeats,
            int endingBeats,
            List<BandNote> phrase,
            List<BandNote> ending) {}

    /**
     * A note.
     *
     * @param pitch in half tones, 60 for the middle C; 0 for what is struck
     * @param length in beats; 0 for what is struck
     */
    record BandNote(double beat, double length, String instrument, int pitch, double loud) {
        static List<BandNote> of(List<Note> notes) {
            return notes.stream()
                    .map(note -> new BandNote(
                            note.beat(), note.length(), note.instrument().toString(), note.pitch(), note.loud()))
                    .toList();
        }
    }

    @GetMapping("/{dance}")
    DanceBand band(@PathVariable String dance) {
        Band band = bands.entrySet().stream()
                .filter(one -> one.getKey().toString().equals(dance))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("There is no dance \"" + dance + "\" that a band could play"));
        return new DanceBand(
                dance,
                band.dance().beatsPerBar(),
                band.level(),
                band.phraseBeats(),
                band.endingBeats(),
                BandNote.of(band.phrase()),
                BandNote.of(band.ending()));
    }
}
