package fluidframe.library.midi;

import fluidframe.core.music.Song;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;

/**
 * Writes a song as a standard MIDI file: a click on every beat, a marker where each section begins, and in texts beside them what
 * the file has no words for, so that {@link MidiSong} reads an equal song.
 */
public final class SongMidi {
    static final int TEXT = 0x01;
    static final String PHRASE = "phrase bars ";
    static final String KIND = "section ";
    static final String TEMPO = "bars a minute ";
    static final String ACCENT = "accent";

    private static final int TICKS = 480;
    private static final int TRACK_NAME = 0x03;
    private static final int MARKER = 0x06;
    private static final int TEMPO_MARK = 0x51;
    private static final int METRE = 0x58;
    private static final int QUARTER_NOTE = 2;
    private static final int DRUMS = 9;
    private static final int HIGH_CLICK = 76;
    private static final int LOW_CLICK = 77;
    private static final int LOUD = 100;
    private static final double MICROSECONDS_A_MINUTE = 60_000_000.0;
    private static final double MICROSECONDS_A_SECOND = 1_000_000.0;
    /** A tempo has three bytes: a beat that is held for longer than 16 seconds is made up for by those after it. */
    private static final int SLOWEST_BEAT = 0xFFFFFF;

    private final Song song;
    private final Track track;

    private SongMidi(Song song, Track track) {
        this.song = song;
        this.track = track;
    }

    public static byte[] write(Song song) {
        try {
            Sequence sequence = new Sequence(Sequence.PPQ, TICKS);
            new SongMidi(song, sequence.createTrack()).fill();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(sequence, 0, out);
            return out.toByteArray();
        } catch (InvalidMidiDataException | IOException e) {
            throw new IllegalStateException("A song's beats and texts always fit a MIDI file", e);
        }
    }

    private void fill() throws InvalidMidiDataException {
        text(TRACK_NAME, 0, song.name());
        meta(METRE, 0, new byte[] {(byte) song.beatsPerBar(), QUARTER_NOTE, 24, 8});
        text(TEXT, 0, PHRASE + song.phraseBars());
        List<Integer> beginnings = song.beginnings();
        for (int i = 0; i < song.sections().size(); i++) {
            Song.Section section = song.sections().get(i);
            text(MARKER, tick(beginnings.get(i), 1), section.name());
            text(TEXT, tick(beginnings.get(i), 1), KIND + section.kind().name().toLowerCase(java.util.Locale.ROOT));
        }
        for (Song.TempoMark mark : song.tempos()) text(TEXT, tick(mark.bar(), 1), TEMPO + mark.barsPerMinute());
        if (song.recording().isPresent()) everyBeat();
        else {
            for (Song.TempoMark mark : song.tempos()) {
                double beats = mark.barsPerMinute() * song.beatsPerBar();
                tempo(tick(mark.bar(), 1), MICROSECONDS_A_MINUTE / beats);
            }
        }
        for (Song.Accent accent : song.accents()) text(TEXT, tick(accent.bar(), accent.beat()), ACCENT);
        for (int bar = 1; bar <= song.bars(); bar++) {
            for (int beat = 1; beat <= song.beatsPerBar(); beat++) click(tick(bar, beat), beat == 1);
        }
    }

    /** Every beat as long as it is in the recording, so that a player stays with the sound from bar 1 on. */
    private void everyBeat() throws InvalidMidiDataException {
        double before = 0;
        for (int beat = 0; beat < song.bars() * song.beatsPerBar(); beat++) {
            double after = song.seconds((beat + 1.0) / song.beatsPerBar());
            // What is rounded off one beat is made up for by the next.
            double microseconds = Math.min(SLOWEST_BEAT, Math.round((after - before) * MICROSECONDS_A_SECOND));
            tempo((long) beat * TICKS, microseconds);
            before += microseconds / MICROSECONDS_A_SECOND;
        }
    }

    private void tempo(long tick, double microsecondsABeat) throws InvalidMidiDataException {
        byte[] bytes = ByteBuffer.allocate(Integer.BYTES)
                .putInt((int) Math.round(microsecondsABeat))
                .array();
        meta(TEMPO_MARK, tick, Arrays.copyOfRange(bytes, 1, bytes.length));
    }

    private long tick(int bar, int beat) {
        return ((bar - 1L) * song.beatsPerBar() + beat - 1) * TICKS;
    }

    private void click(long tick, boolean first) throws InvalidMidiDataException {
        int note = first ? HIGH_CLICK : LOW_CLICK;
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, DRUMS, note, LOUD), tick));
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, DRUMS, note, 0), tick + TICKS / 8));
    }

    private void text(int type, long tick, String words) throws InvalidMidiDataException {
        meta(type, tick, words.getBytes(StandardCharsets.UTF_8));
    }

    private void meta(int type, long tick, byte[] data) throws InvalidMidiDataException {
        track.add(new MidiEvent(new MetaMessage(type, data, data.length), tick));
    }
}
