package fluidframe.server.motion;

import fluidframe.core.band.Band;
import fluidframe.core.band.Note;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * The band of a dance.
 *
 * @param beatsPerBar of the dance
 * @param level how much louder or softer than usual all of it is, in decibels
 * @param phraseBeats after which the phrase begins again
 * @param endingBeats before the end at which the ending takes over
 * @param ending from its own first beat
 */
@Schema(name = "DanceBand")
public record BandView(
        String dance,
        int beatsPerBar,
        double level,
        int phraseBeats,
        int endingBeats,
        List<BandNote> phrase,
        List<BandNote> ending) {
    /**
     * A note.
     *
     * @param pitch in half tones, 60 for the middle C; 0 for what is struck
     * @param length in beats; 0 for what is struck
     */
    public record BandNote(double beat, double length, String instrument, int pitch, double loud) {
        static List<BandNote> of(List<Note> notes) {
            return notes.stream()
                    .map(note -> new BandNote(
                            note.beat(), note.length(), note.instrument().toString(), note.pitch(), note.loud()))
                    .toList();
        }
    }

    public static BandView of(Band band) {
        return new BandView(
                band.dance().toString(),
                band.dance().beatsPerBar(),
                band.level(),
                band.phraseBeats(),
                band.endingBeats(),
                BandNote.of(band.phrase()),
                BandNote.of(band.ending()));
    }
}
