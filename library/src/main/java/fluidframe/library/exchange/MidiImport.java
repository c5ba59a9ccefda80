package fluidframe.library.exchange;

import fluidframe.library.midi.MidiSong;
import fluidframe.library.song.SongFormat;
import java.util.List;
import java.util.Optional;

/** A standard MIDI file as the plan of a song. */
final class MidiImport implements Import {
    private static final String WHAT = "a MIDI file";

    @Override
    public boolean recognises(Incoming file) {
        return file.begins("MThd") || file.ends("mid", "midi");
    }

    @Override
    public Brought read(Incoming file) {
        try {
            MidiSong.Read read = MidiSong.read(file.name().replaceFirst("\\.\\w+$", ""), file.bytes());
            return new Brought(
                    WHAT,
                    List.of(new Brought.Thing("song", Optional.empty(), SongFormat.SONG.toJson(read.song()))),
                    List.of(),
                    read.notes());
        } catch (IllegalArgumentException e) {
            return Brought.refused(WHAT, e.getMessage());
        }
    }
}
