package fluidframe.core.music.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A recording of 16 bars in three at 30 bars a minute, its first one after two beats. */
class BeatChangeTest {
    private static final double BEAT = 60.0 / 90;
    private static final List<Song.Section> PARTS =
            List.of(new Song.Section("A", 8, Song.Kind.DANCE), new Song.Section("B", 8, Song.Kind.DANCE));

    private static final Song SONG = new Song(
            "Kept",
            3,
            8,
            PARTS,
            List.of(new Song.TempoMark(1, 30)),
            List.of(new Song.Accent(9, 1)),
            Optional.of(new Recorded("x", 40, beats(50, BEAT), 2)));

    private static List<Double> beats(int count, double apart) {
        List<Double> beats = new ArrayList<>();
        for (int i = 0; i < count; i++) beats.add(0.5 + i * apart);
        return beats;
    }

    private static Song changed(BeatChange change) {
        return change.of(SONG, Strengths.none());
    }

    private static Recorded recorded(Song song) {
        return song.recording().orElseThrow();
    }

    @Test
    void aSongIsAsLongAsItsBeatsSay() {
        assertThat(SONG.seconds(1)).isCloseTo(2, within(1e-9));
        assertThat(SONG.seconds(1.5)).isCloseTo(3, within(1e-9));
        // Beyond the last beat the tempo goes on.
        assertThat(SONG.seconds(20)).isCloseTo(40, within(1e-9));
        assertThat(SONG.seconds(-1)).isCloseTo(-2, within(1e-9));
        assertThat(recorded(SONG).secondsAt(0)).isCloseTo(0.5 + 2 * BEAT, within(1e-9));
    }

    @Test
    void halfAsManyBeatsKeepTheOneAndWhatIsPlacedKeepsItsTime() {
        Song half = changed(new BeatChange.Half());
        assertThat(recorded(half).beats()).hasSize(25);
        assertThat(recorded(half).secondsAt(0)).isEqualTo(recorded(SONG).secondsAt(0));
        assertThat(half.sections()).extracting(Song.Section::bars).containsExactly(4, 4);
        assertThat(half.accents()).containsExactly(new Song.Accent(5, 1));
        assertThat(half.tempos()).containsExactly(new Song.TempoMark(1, 15));
    }

    @Test
    void twiceAsManyBeatsAndBackAgainIsTheSame() {
        Song twice = changed(new BeatChange.Twice());
        assertThat(recorded(twice).beats()).hasSize(99);
        assertThat(twice.sections()).extracting(Song.Section::bars).containsExactly(16, 15);
        assertThat(twice.tempos()).containsExactly(new Song.TempoMark(1, 60));
        Song back = new BeatChange.Half().of(twice, Strengths.none());
        assertThat(recorded(back)).isEqualTo(recorded(SONG));
    }

    @Test
    void theOneIsShiftedByABeat() {
        Song later = changed(new BeatChange.One(3));
        assertThat(recorded(later).one()).isEqualTo(3);
        assertThat(later.bars()).isEqualTo(15);
        assertThat(later.sections()).extracting(Song.Section::bars).containsExactly(8, 7);
        assertThatThrownBy(() -> changed(new BeatChange.One(50))).hasMessageContaining("one of the 50 beats, 0 to 49");
    }

    @Test
    void aBeatIsMovedAddedAndRemoved() {
        assertThat(recorded(changed(new BeatChange.Move(4, 3.2))).beats().get(4))
                .isEqualTo(3.2);
        assertThatThrownBy(() -> changed(new BeatChange.Move(4, 9)))
                .hasMessageContaining("Beat 6 must be between 9.1 and 40.0 seconds");
        Recorded more = recorded(changed(new BeatChange.Add(0.1)));
        assertThat(more.beats()).hasSize(51);
        assertThat(more.one()).isEqualTo(3);
        Recorded fewer = recorded(changed(new BeatChange.Remove(0)));
        assertThat(fewer.beats()).hasSize(49);
        assertThat(fewer.one()).isEqualTo(1);
        assertThatThrownBy(() -> changed(new BeatChange.Remove(50))).hasMessageContaining("0 to 49, but was 50");
    }

    @Test
    void tapsReplaceAStretchAndTheRestStaysOrFollows() {
        List<Double> taps = List.of(10.0, 10.5, 11.0, 11.5, 12.0);
        Recorded only = recorded(changed(new BeatChange.Tap(taps, false)));
        assertThat(only.beats()).containsAll(taps).contains(0.5 + 18 * BEAT).doesNotContain(0.5 + 16 * BEAT);
        assertThat(only.beats().get(only.beats().size() - 1)).isEqualTo(0.5 + 49 * BEAT);
        Recorded follows = recorded(changed(new BeatChange.Tap(taps, true)));
        int last = follows.beats().size() - 1;
        assertThat(follows.beats().get(last) - follows.beats().get(last - 1)).isCloseTo(0.5, within(0.011));
        assertThatThrownBy(() -> new BeatChange.Tap(List.of(1.0), true)).hasMessageContaining("there was one");
        assertThatThrownBy(() -> changed(new BeatChange.Tap(List.of(50.0, 51.0), true)))
                .hasMessageContaining("fall within the recording's 40 seconds");
    }

    @Test
    void whatFollowsIsDrawnToWhatIsHeard() {
        byte[] heard = new byte[4000];
        // Struck a little slower than it was tapped.
        for (double second = 10; second < 39; second += 0.52) heard[(int) Math.round(second * 100)] = (byte) 200;
        Strengths strengths = new Strengths(heard);
        Song song = new BeatChange.Tap(List.of(10.03, 10.5, 11.02), true).of(SONG, strengths);
        List<Double> beats = recorded(song).beats();
        assertThat(beats).contains(10.0, 10.52, 11.04, 11.56, 20.4);
    }

    @Test
    void aSongWithoutARecordingHasNoBeatsToCorrect() {
        Song written = new Song("Written", 3, 8, PARTS, SONG.tempos(), List.of());
        assertThatThrownBy(() -> new BeatChange.Half().of(written, Strengths.none()))
                .hasMessageContaining("\"Written\" has no recording");
    }

    @Test
    void refusesBeatsThatCannotBe() {
        assertThatThrownBy(() -> new Recorded("x", 40, List.of(1.0), 0)).hasMessageContaining("2 to 4000 beats");
        assertThatThrownBy(() -> new Recorded("x", 800, beats(4, 1), 0)).hasMessageContaining("at most 720 seconds");
        assertThatThrownBy(() -> new Recorded("x", 40, List.of(1.0, 1.05), 0)).hasMessageContaining("Beat 2");
        assertThatThrownBy(() -> new Recorded("x", 40, List.of(1.0, Double.NaN), 0))
                .hasMessageContaining("Beat 2");
    }
}
