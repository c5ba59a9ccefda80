package fluidframe.library.midi;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import fluidframe.library.shipped.ShippedLibrary;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;

class MidiTest {
    private static final int TICKS = 96;

    private final Sequence sequence = sequence();
    private final Track track = sequence.createTrack();

    private static Sequence sequence() {
        try {
            return new Sequence(Sequence.PPQ, TICKS);
        } catch (javax.sound.midi.InvalidMidiDataException e) {
            throw new IllegalStateException(e);
        }
    }

    private void meta(int type, int beat, int... data) throws Exception {
        byte[] bytes = new byte[data.length];
        for (int i = 0; i < data.length; i++) bytes[i] = (byte) data[i];
        track.add(new MidiEvent(new MetaMessage(type, bytes, bytes.length), (long) beat * TICKS));
    }

    private void text(int type, int beat, String words) throws Exception {
        byte[] bytes = words.getBytes(StandardCharsets.UTF_8);
        track.add(new MidiEvent(new MetaMessage(type, bytes, bytes.length), (long) beat * TICKS));
    }

    private void note(int beat) throws Exception {
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, 0, 60, 90), (long) beat * TICKS));
        track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, 0, 60, 0), (long) (beat + 1) * TICKS));
    }

    private byte[] written() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MidiSystem.write(sequence, 1, out);
        return out.toByteArray();
    }

    private void waltz() throws Exception {
        text(0x03, 0, "Lantern Hill");
        meta(0x58, 0, 3, 2, 24, 8);
        // 666667 and 750000 microseconds a beat: 30 and 26 2/3 bars a minute.
        meta(0x51, 0, 0x0A, 0x2C, 0x2B);
        meta(0x51, 18, 0x0B, 0x71, 0xB0);
        text(0x06, 0, "Intro");
        text(0x06, 6, "Verse");
        text(0x06, 18, "Ending");
        note(23);
    }

    @Test
    void readsMetreTempoMapMarkersAndLength() throws Exception {
        waltz();
        MidiSong.Read read = MidiSong.read("file", written());
        Song song = read.song();
        assertThat(read.notes()).isEmpty();
        assertThat(song.name()).isEqualTo("Lantern Hill");
        assertThat(song.beatsPerBar()).isEqualTo(3);
        assertThat(song.sections())
                .containsExactly(
                        new Song.Section("Intro", 2, Song.Kind.INTRODUCTION),
                        new Song.Section("Verse", 4, Song.Kind.DANCE),
                        new Song.Section("Ending", 2, Song.Kind.ENDING));
        assertThat(song.tempos()).extracting(Song.TempoMark::bar).containsExactly(1, 7);
        assertThat(song.tempos().get(0).barsPerMinute()).isCloseTo(30, within(0.01));
        assertThat(song.lengthSeconds()).isCloseTo(12 + 2 * 60 / 26.667, within(0.01));
    }

    @Test
    void saysWhatAFileDoesNotTell() throws Exception {
        note(15);
        MidiSong.Read read = MidiSong.read("Untold", written());
        assertThat(read.song().name()).isEqualTo("Untold");
        assertThat(read.song().bars()).isEqualTo(4);
        assertThat(read.notes()).hasSize(3).anyMatch(note -> note.contains("4/4"));
        text(0x06, 5, "Off the bar");
        assertThat(MidiSong.read("Untold", written()).notes())
                .anyMatch(note -> note.contains("\"Off the bar\" is not on the first beat"));
    }

    @Test
    void tellsClearlyWhatIsWrongWithAFile() throws Exception {
        assertThatThrownBy(() -> MidiSong.read("x", "no midi at all".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("standard MIDI file");
        waltz();
        byte[] whole = written();
        for (int length = 0; length < whole.length; length++) {
            byte[] cut = Arrays.copyOf(whole, length);
            assertThatThrownBy(() -> MidiSong.read("x", cut))
                    .as("cut after %s bytes", length)
                    .isInstanceOf(IllegalArgumentException.class);
        }
        meta(0x58, 12, 4, 2, 24, 8);
        assertThatThrownBy(() -> MidiSong.read("x", written()))
                .hasMessageContaining("goes from 3/4 to 4/4 at tick " + 12 * TICKS);
    }

    @Test
    void refusesAnEmptyFileAndFilmFrames() throws Exception {
        assertThatThrownBy(() -> MidiSong.read("x", written())).hasMessageContaining("is empty");
        Sequence film = new Sequence(Sequence.SMPTE_25, 40);
        film.createTrack();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MidiSystem.write(film, 0, out);
        assertThatThrownBy(() -> MidiSong.read("x", out.toByteArray())).hasMessageContaining("film frames");
    }

    @Test
    void writesARoutineWithClicksTempoMarkersAndSpokenCounts() throws Exception {
        Repertoire repertoire = Repertoire.of(ShippedLibrary.load().stream()
                .filter(chart -> chart.dance() == Dance.WALTZ)
                .toList());
        RoutineWork work = RoutineWork.of(
                Dance.WALTZ,
                List.of(
                        new PlacedFigure("waltz.natural-turn", FigureUse.WHOLE, false),
                        new PlacedFigure("waltz.closed-change-right", FigureUse.WHOLE, false)),
                repertoire);
        Sequence read = MidiSystem.getSequence(
                new ByteArrayInputStream(MidiRoutine.write("Two figures", work, 30, Optional.empty(), 1)));
        List<String> markers = new ArrayList<>();
        StringBuilder lyrics = new StringBuilder();
        int clicks = 0;
        Track only = read.getTracks()[0];
        for (int i = 0; i < only.size(); i++) {
            if (only.get(i).getMessage() instanceof MetaMessage meta) {
                String words = new String(meta.getData(), StandardCharsets.UTF_8);
                if (meta.getType() == 0x06) markers.add(only.get(i).getTick() / 480 + " " + words);
                if (meta.getType() == 0x05) lyrics.append(words).append(' ');
            } else if (only.get(i).getMessage() instanceof ShortMessage message
                    && message.getCommand() == ShortMessage.NOTE_ON) {
                clicks++;
            }
        }
        assertThat(markers).containsExactly("0 Natural Turn", "6 Closed Change on RF");
        assertThat(lyrics.toString()).isEqualTo("1 2 3 1 2 3 1 2 3 ");
        assertThat(clicks).isEqualTo(9);
        assertThat(MidiSong.read("x", MidiRoutine.write("Two figures", work, 30, Optional.empty(), 1))
                        .song()
                        .tempos()
                        .get(0)
                        .barsPerMinute())
                .isCloseTo(30, within(0.01));
    }

    @Test
    void saysTheCoachsOwnWordsWhereAFigureHasThem() throws Exception {
        Chart change = ShippedLibrary.load().stream()
                .filter(chart -> chart.id().equals("waltz.closed-change-right"))
                .findFirst()
                .orElseThrow();
        List<Step> said = new ArrayList<>(change.man());
        said.set(0, said.get(0).draft().set(Column.SAY, "down").step());
        said.set(1, said.get(1).draft().set(Column.SAY, "-").step());
        RoutineWork work = RoutineWork.of(
                Dance.WALTZ,
                List.of(new PlacedFigure(change.id(), FigureUse.WHOLE, false)),
                Repertoire.of(List.of(change.withRows(said, change.lady()))));
        Track only = MidiSystem.getSequence(
                        new ByteArrayInputStream(MidiRoutine.write("Own words", work, 30, Optional.empty(), 1)))
                .getTracks()[0];
        List<String> lyrics = new ArrayList<>();
        for (int i = 0; i < only.size(); i++) {
            if (only.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 0x05) {
                lyrics.add(only.get(i).getTick() / 480 + " " + new String(meta.getData(), StandardCharsets.UTF_8));
            }
        }
        assertThat(lyrics).containsExactly("0 down", "2 3");
    }

    /** Bars that grow slower and a last one that is held: a player of the file stays with the recording. */
    @Test
    void theFileOfARecordedSongHasEveryBeatWhereItIsHeard() throws Exception {
        List<Double> beats = new ArrayList<>();
        double second = 6.7;
        for (int beat = 0; beat < 24; beat++) {
            beats.add(second);
            second += 0.5 + 0.004 * beat + (beat == 22 ? 0.3 : 0);
        }
        List<Song.Section> sections = List.of(new Song.Section("Verse", 8, Song.Kind.DANCE));
        List<Song.TempoMark> tempos = List.of(new Song.TempoMark(1, 38.1), new Song.TempoMark(5, 34.2));
        Song song = new Song(
                "Growing slower",
                3,
                8,
                sections,
                tempos,
                List.of(),
                Optional.of(new Recorded("x.wav", second, beats, 0)));
        byte[] file = SongMidi.write(song);
        Sequence read = MidiSystem.getSequence(new ByteArrayInputStream(file));
        long micros = 0;
        int beat = 0;
        for (int i = 0; i < read.getTracks()[0].size(); i++) {
            if (!(read.getTracks()[0].get(i).getMessage() instanceof MetaMessage meta) || meta.getType() != 0x51)
                continue;
            assertThat(read.getTracks()[0].get(i).getTick()).isEqualTo((long) beat * read.getResolution());
            assertThat(micros / 1e6 + 6.7).isCloseTo(beats.get(beat), within(1e-4));
            byte[] data = meta.getData();
            micros += (data[0] & 255) << 16 | (data[1] & 255) << 8 | data[2] & 255;
            beat++;
        }
        assertThat(beat).isEqualTo(24);
        Song again = MidiSong.read("x", file).song();
        assertThat(again.tempos()).isEqualTo(tempos);
        assertThat(again.sections()).isEqualTo(sections);
    }

    /** Half a minute without a beat: longer than a tempo of a file can be. */
    @Test
    void aBeatThatIsHeldForLongerThanAFileCanSayIsReadAgain() throws Exception {
        List<Double> beats = new ArrayList<>();
        for (int beat = 0; beat < 24; beat++) beats.add(1 + beat * 0.5 + (beat > 11 ? 33.554432 : 0));
        Song song = new Song(
                "Held",
                3,
                8,
                List.of(new Song.Section("Verse", 8, Song.Kind.DANCE)),
                List.of(new Song.TempoMark(1, 40)),
                List.of(),
                Optional.of(new Recorded("x.wav", 60, beats, 0)));
        Song again = MidiSong.read("x", SongMidi.write(song)).song();
        assertThat(again.bars()).isEqualTo(8);
        assertThat(again.tempos())
                .allSatisfy(mark -> assertThat(mark.barsPerMinute()).isPositive());
    }
}
