package fluidframe.library.midi;

import fluidframe.core.count.Beats;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.music.Song;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.RoutineWork;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;

/**
 * Writes a routine as a standard MIDI file to practise with: a click on every beat, a marker where each figure begins and the
 * man's counts (of a solo those of who dances) as lyrics, in the coach's own words where a figure has them.
 */
public final class MidiRoutine {
    private static final int TICKS = 480;
    private static final int TEMPO = 0x51;
    private static final int METRE = 0x58;
    private static final int MARKER = 0x06;
    private static final int LYRIC = 0x05;
    private static final int TRACK_NAME = 0x03;
    private static final int QUARTER_NOTE = 2;
    private static final int DRUMS = 9;
    private static final int HIGH_CLICK = 76;
    private static final int LOW_CLICK = 77;
    private static final int LOUD = 110;
    private static final int SOFT = 80;
    private static final double MICROSECONDS_A_MINUTE = 60_000_000.0;

    private final RoutineWork work;
    private final Track track;
    private final int beatsPerBar;

    private MidiRoutine(RoutineWork work, Track track) {
        this.work = work;
        this.track = track;
        this.beatsPerBar = work.dance().beatsPerBar();
    }

    /**
     * Writes it, beginning with the bar on which the routine begins.
     *
     * @param barsPerMinute its tempo, used if it is set to no song
     * @param song the song it is set to, whose tempo changes are kept, and {@code songBar} the bar on which it begins
     */
    public static byte[] write(String name, RoutineWork work, double barsPerMinute, Optional<Song> song, int songBar) {
        try {
            Sequence sequence = new Sequence(Sequence.PPQ, TICKS);
            new MidiRoutine(work, sequence.createTrack()).fill(name, barsPerMinute, song, songBar);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MidiSystem.write(sequence, 0, out);
            return out.toByteArray();
        } catch (InvalidMidiDataException | IOException e) {
            throw new IllegalStateException("A routine's beats and texts always fit a MIDI file", e);
        }
    }

    private void fill(String name, double barsPerMinute, Optional<Song> song, int songBar)
            throws InvalidMidiDataException {
        text(TRACK_NAME, 0, name);
        meta(METRE, 0, new byte[] {(byte) beatsPerBar, QUARTER_NOTE, 24, 8});
        if (song.isEmpty()) tempo(0, barsPerMinute);
        else tempos(song.get(), songBar);
        Beats end = work.blocks().isEmpty()
                ? Beats.ZERO
                : work.blocks().get(work.blocks().size() - 1).end();
        for (int beat = 0; beat < Math.ceil(end.toDouble()); beat++) click(beat);
        for (Block block : work.blocks()) {
            text(MARKER, tick(block.start()), block.name());
            if (!block.isFree()) counts(block);
        }
    }

    private void tempos(Song song, int songBar) throws InvalidMidiDataException {
        double current = song.tempos().get(0).barsPerMinute();
        for (Song.TempoMark mark : song.tempos()) if (mark.bar() <= songBar) current = mark.barsPerMinute();
        tempo(0, current);
        for (Song.TempoMark mark : song.tempos()) {
            if (mark.bar() > songBar) {
                tempo((long) (mark.bar() - songBar) * beatsPerBar * TICKS, mark.barsPerMinute());
            }
        }
    }

    private void counts(Block block) throws InvalidMidiDataException {
        Beats at = block.start();
        Role leader = block.danced().leader();
        Rhythm counts = block.danced().chart().rhythm(leader);
        List<String> own = block.danced().chart().said(leader, CountLanguage.OWN);
        for (int i = 0; i < counts.size(); i++) {
            String word = own.isEmpty() ? counts.count(i).text(beatsPerBar) : own.get(i);
            if (!word.isEmpty()) text(LYRIC, tick(at), word);
            at = at.plus(counts.beats(i));
        }
    }

    private static long tick(Beats at) {
        return Math.round(at.toDouble() * TICKS);
    }

    private void click(int beat) throws InvalidMidiDataException {
        boolean first = beat % beatsPerBar == 0;
        int key = first ? HIGH_CLICK : LOW_CLICK;
        long tick = (long) beat * TICKS;
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, DRUMS, key, first ? LOUD : SOFT), tick));
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, DRUMS, key, 0), tick + TICKS / 4));
    }

    private void tempo(long tick, double barsPerMinute) throws InvalidMidiDataException {
        int microseconds = (int) Math.round(MICROSECONDS_A_MINUTE / (barsPerMinute * beatsPerBar));
        byte[] four = ByteBuffer.allocate(4).putInt(microseconds).array();
        meta(TEMPO, tick, Arrays.copyOfRange(four, 1, 4));
    }

    private void text(int type, long tick, String words) throws InvalidMidiDataException {
        meta(type, tick, words.getBytes(StandardCharsets.UTF_8));
    }

    private void meta(int type, long tick, byte[] data) throws InvalidMidiDataException {
        track.add(new MidiEvent(new MetaMessage(type, data, data.length), tick));
    }
}
