package fluidframe.library.midi;

import fluidframe.core.music.Song;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;

/**
 * Reads the plan of a song from a standard MIDI file: metre, tempo map, markers as sections, length. The notes themselves only
 * say how long it is.
 */
public final class MidiSong {
    private static final int MARKER = 0x06;
    private static final int TEMPO = 0x51;
    private static final int METRE = 0x58;
    private static final int TRACK_NAME = 0x03;
    private static final double MICROSECONDS_A_MINUTE = 60_000_000.0;
    private static final double USUAL_QUARTERS_A_MINUTE = 120;
    private static final int PHRASE_BARS = 8;

    /** Of the name of a section; the rest of a longer one is left out. */
    private static final int MOST_LETTERS = 60;

    private static final int MOST_LETTERS_OF_A_SONG = 120;

    private static final String NUMBER = "\\d{1,3}\\.\\d{1,15}";

    private static final int WHOLE_NOTE_QUARTERS = 4;
    /** Two tempos closer than this are one: files round their microseconds. */
    private static final double SAME_TEMPO = 0.05;
    /** As a share. */
    private static final double SAME_LENGTH = 0.03;

    private final TreeMap<Long, String> markers = new TreeMap<>();
    private final TreeMap<Long, Double> tempos = new TreeMap<>();
    /** What a file of ours says besides, by its tick. */
    private final TreeMap<Long, List<String>> texts = new TreeMap<>();

    private final List<String> notes = new ArrayList<>();
    private String title = "";
    private int beats;
    private int unit;
    private long length;

    private MidiSong() {}

    /** The song, and in plain sentences what the file did not tell or what was changed to fit. */
    public record Read(Song song, List<String> notes) {
        public Read {
            notes = List.copyOf(notes);
        }
    }

    /**
     * Reads a file.
     *
     * @param name what the song is called if the file does not say
     * @throws IllegalArgumentException if it is no standard MIDI file, or holds no song a dance could be set to; the message
     *     says what is wrong and where
     */
    public static Read read(String name, byte[] file) {
        Sequence sequence;
        try {
            sequence = MidiSystem.getSequence(new ByteArrayInputStream(file));
        } catch (InvalidMidiDataException e) {
            throw new IllegalArgumentException(
                    "The file must be a standard MIDI file (.mid), but it is not, or it is damaged: export it again",
                    e);
        } catch (IOException e) {
            throw new IllegalArgumentException(
                    "The MIDI file ends in the middle of a track, after " + file.length + " bytes: fetch it again", e);
        }
        if (sequence.getDivisionType() != Sequence.PPQ) {
            throw new IllegalArgumentException(
                    "The MIDI file must count in beats, but it counts in film frames: export it with a tempo map");
        }
        return new MidiSong().song(name, sequence);
    }

    private Read song(String name, Sequence sequence) {
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) take(track.get(i), track == sequence.getTracks()[0]);
        }
        if (length == 0) throw new IllegalArgumentException("The MIDI file must have notes or markers, but is empty");
        if (beats == 0) {
            beats = WHOLE_NOTE_QUARTERS;
            unit = WHOLE_NOTE_QUARTERS;
            notes.add("The file names no metre: 4/4 is taken.");
        }
        double ticksPerBar = (double) sequence.getResolution() * WHOLE_NOTE_QUARTERS / unit * beats;
        int bars = Math.max(1, (int) Math.ceil(length / ticksPerBar - 1e-6));
        if (bars > Song.MOST_BARS) {
            throw new IllegalArgumentException(
                    "A song must have at most " + Song.MOST_BARS + " bars, but the MIDI file has " + bars + ": cut it");
        }
        double quartersPerBar = (double) WHOLE_NOTE_QUARTERS / unit * beats;
        Song song = new Song(
                title.isBlank() ? name : title,
                beats,
                said(0, SongMidi.PHRASE)
                        .filter(words -> words.matches("\\d{1,2}"))
                        .map(Integer::valueOf)
                        .orElse(PHRASE_BARS),
                sections(bars, ticksPerBar),
                tempoMarks(bars, ticksPerBar, quartersPerBar),
                accents(bars, ticksPerBar));
        return new Read(song, notes);
    }

    private void take(MidiEvent event, boolean firstTrack) {
        if (event.getMessage() instanceof MetaMessage meta) {
            byte[] data = meta.getData();
            switch (meta.getType()) {
                case MARKER -> {
                    markers.put(event.getTick(), text(data, MOST_LETTERS));
                    length = Math.max(length, event.getTick() + 1);
                }
                case SongMidi.TEXT ->
                    texts.computeIfAbsent(event.getTick(), tick -> new ArrayList<>())
                            .add(text(data, MOST_LETTERS));
                case TRACK_NAME -> {
                    if (firstTrack && title.isBlank()) title = text(data, MOST_LETTERS_OF_A_SONG);
                }
                case TEMPO -> tempo(event.getTick(), data);
                case METRE -> metre(event.getTick(), data);
                default -> {
                    // Lyrics, keys and the like say nothing of the plan of a song.
                }
            }
        } else if (event.getMessage() instanceof ShortMessage) {
            length = Math.max(length, event.getTick());
        }
    }

    private static String text(byte[] data, int most) {
        String words = new String(data, StandardCharsets.UTF_8).strip();
        return words.substring(0, Math.min(words.length(), most)).strip();
    }

    private void tempo(long tick, byte[] data) {
        if (data.length != 3) {
            throw new IllegalArgumentException("A tempo in the MIDI file must have 3 bytes, but at tick " + tick
                    + " has " + data.length + ": export it again");
        }
        int microseconds =
                ByteBuffer.wrap(new byte[] {0, data[0], data[1], data[2]}).getInt();
        if (microseconds == 0) {
            throw new IllegalArgumentException(
                    "A tempo in the MIDI file must be above nothing, but at tick " + tick + " is 0");
        }
        tempos.put(tick, MICROSECONDS_A_MINUTE / microseconds);
    }

    private void metre(long tick, byte[] data) {
        if (data.length < 2 || data[0] < 2 || data[0] > 6) {
            throw new IllegalArgumentException("The metre must have 2 to 6 beats a bar, but at tick " + tick + " has "
                    + (data.length == 0 ? "none" : data[0]));
        }
        int foundUnit = 1 << data[1];
        if (beats != 0 && (beats != data[0] || unit != foundUnit)) {
            throw new IllegalArgumentException("A song must keep one metre, but the file goes from " + beats + "/"
                    + unit + " to " + data[0] + "/" + foundUnit + " at tick " + tick + ": cut the song there");
        }
        beats = data[0];
        unit = foundUnit;
    }

    private List<Song.Section> sections(int bars, double ticksPerBar) {
        TreeMap<Integer, String> begins = new TreeMap<>();
        markers.forEach((tick, words) -> {
            double bar = tick / ticksPerBar;
            int nearest = (int) Math.round(bar) + 1;
            if (Math.abs(bar - Math.round(bar)) > 1e-3) {
                notes.add("The marker \"" + words + "\" is not on the first beat of a bar: bar " + nearest
                        + " is taken.");
            }
            if (nearest <= bars) begins.put(nearest, words.isBlank() ? "Part " + (begins.size() + 1) : words);
        });
        if (begins.isEmpty()) notes.add("The file has no markers: the whole song is one section.");
        if (!begins.containsKey(1)) begins.put(1, begins.isEmpty() ? "Whole song" : "Beginning");
        List<Song.Section> sections = new ArrayList<>();
        for (Integer bar : begins.keySet()) {
            Integer next = begins.higherKey(bar);
            String words = begins.get(bar);
            boolean last = next == null;
            Song.Kind usual = kind(words, sections.isEmpty(), last);
            Song.Kind kind = said(Math.round((bar - 1) * ticksPerBar), SongMidi.KIND)
                    .flatMap(named -> Arrays.stream(Song.Kind.values())
                            .filter(one -> one.name().equalsIgnoreCase(named))
                            .findFirst())
                    .orElse(usual);
            sections.add(new Song.Section(words, (last ? bars + 1 : next) - bar, kind));
        }
        return sections;
    }

    /** What a text at a tick says after these words. */
    private Optional<String> said(long tick, String words) {
        return texts.getOrDefault(tick, List.of()).stream()
                .filter(text -> text.startsWith(words))
                .map(text -> text.substring(words.length()))
                .findFirst();
    }

    private List<Song.Accent> accents(int bars, double ticksPerBar) {
        double ticksPerBeat = ticksPerBar / beats;
        List<Song.Accent> accents = new ArrayList<>();
        texts.forEach((tick, words) -> {
            int beat = (int) Math.round(tick / ticksPerBeat);
            if (words.contains(SongMidi.ACCENT) && beat < bars * beats)
                accents.add(new Song.Accent(beat / beats + 1, beat % beats + 1));
        });
        return accents;
    }

    /** As a file of ours says it, if that is what its tempo map says but for the rounding. */
    private double exactly(int bar, double ticksPerBar, double tempo) {
        double rounded = Math.round(tempo * 1000) / 1000.0;
        return said(Math.round((bar - 1) * ticksPerBar), SongMidi.TEMPO)
                .filter(words -> words.matches(NUMBER))
                .map(Double::valueOf)
                .filter(told -> Math.abs(told - tempo) < SAME_TEMPO)
                .orElse(rounded);
    }

    private static Song.Kind kind(String words, boolean first, boolean last) {
        String lower = words.toLowerCase(java.util.Locale.ROOT);
        if (first && lower.startsWith("intro")) return Song.Kind.INTRODUCTION;
        boolean ending = lower.startsWith("end") || lower.startsWith("coda") || lower.startsWith("outro");
        return last && ending ? Song.Kind.ENDING : Song.Kind.DANCE;
    }

    /** Every tempo that a file of ours says in words. */
    private List<Song.TempoMark> said(int bars, double ticksPerBar) {
        List<Song.TempoMark> said = new ArrayList<>();
        texts.forEach((tick, all) -> {
            int bar = (int) Math.round(tick / ticksPerBar) + 1;
            all.stream()
                    .filter(words -> words.startsWith(SongMidi.TEMPO))
                    .map(words -> words.substring(SongMidi.TEMPO.length()))
                    .filter(words -> words.matches(NUMBER) && bar <= bars)
                    .map(Double::valueOf)
                    .filter(tempo -> tempo >= Song.SLOWEST && tempo <= Song.FASTEST)
                    .findFirst()
                    .ifPresent(tempo -> said.add(new Song.TempoMark(bar, tempo)));
        });
        return said.isEmpty() || said.get(0).bar() != 1 ? List.of() : said;
    }

    /** Whether what is said lasts as long as what is played: another program may have changed the tempos. */
    private boolean isAsLong(List<Song.TempoMark> said, int bars, double ticksPerBar, double quartersPerBar) {
        if (said.isEmpty()) return false;
        double told = 0;
        for (int i = 0; i < said.size(); i++) {
            int to = i + 1 < said.size() ? said.get(i + 1).bar() : bars + 1;
            told += (to - said.get(i).bar()) / said.get(i).barsPerMinute();
        }
        double played = 0;
        for (Map.Entry<Long, Double> tempo : tempos.entrySet()) {
            Long next = tempos.higherKey(tempo.getKey());
            double to = next == null ? bars * ticksPerBar : next;
            played += (to - tempo.getKey()) / ticksPerBar * quartersPerBar / tempo.getValue();
        }
        return Math.abs(told / played - 1) < SAME_LENGTH;
    }

    private List<Song.TempoMark> tempoMarks(int bars, double ticksPerBar, double quartersPerBar) {
        if (tempos.isEmpty()) notes.add("The file names no tempo: 120 quarter notes a minute are taken.");
        TreeMap<Integer, Double> marks = new TreeMap<>();
        marks.put(1, USUAL_QUARTERS_A_MINUTE / quartersPerBar);
        tempos.forEach((tick, quarters) -> {
            int bar = (int) Math.round(tick / ticksPerBar) + 1;
            if (bar <= bars) marks.put(bar, quarters / quartersPerBar);
        });
        List<Song.TempoMark> said = said(bars, ticksPerBar);
        // A file of ours has a tempo for every beat of a recording, and says itself how they are summed up.
        if (tempos.size() > said.size() && isAsLong(said, bars, ticksPerBar, quartersPerBar)) return said;
        List<Song.TempoMark> found = new ArrayList<>();
        marks.forEach((bar, tempo) -> {
            boolean changes = found.isEmpty()
                    || said(Math.round((bar - 1) * ticksPerBar), SongMidi.TEMPO).isPresent()
                    || Math.abs(found.get(found.size() - 1).barsPerMinute() - tempo) > SAME_TEMPO;
            if (changes) found.add(new Song.TempoMark(bar, exactly(bar, ticksPerBar, tempo)));
        });
        return found;
    }
}
