package fluidframe.core.music;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A song of 44 bars in four: an introduction, verse, refrain, verse, refrain, an ending; slower in its last verse. */
class SongCutTest {
    private static final List<Song.Section> PARTS = List.of(
            new Song.Section("Opening", 4, Song.Kind.INTRODUCTION),
            new Song.Section("Verse", 8, Song.Kind.DANCE),
            new Song.Section("Refrain", 8, Song.Kind.DANCE),
            new Song.Section("Verse", 8, Song.Kind.DANCE),
            new Song.Section("Refrain", 8, Song.Kind.DANCE),
            new Song.Section("Close", 8, Song.Kind.ENDING));

    private static final Song SONG = new Song(
            "Long",
            4,
            8,
            PARTS,
            List.of(new Song.TempoMark(1, 30), new Song.TempoMark(37, 25)),
            List.of(new Song.Accent(6, 1), new Song.Accent(14, 2), new Song.Accent(40, 1)),
            Optional.of(new Recorded("whole", 120, beats(), 1)));

    /** One beat before the first one, half a second apart. */
    private static List<Double> beats() {
        List<Double> beats = new ArrayList<>();
        for (int i = 0; i <= 44 * 4; i++) beats.add(1 + i * 0.5);
        return beats;
    }

    @Test
    void leavesOutWholePhrasesAndTheLeastNoticedFirst() {
        List<SongCut> cuts = SongCut.of(SONG, 30);
        assertThat(cuts).hasSize(6).allMatch(cut -> cut.bars() == 8);
        SongCut best = cuts.get(0);
        assertThat(best.from()).isIn(13, 21, 29);
        assertThat(best.why()).contains("whole parts");
        assertThat(cuts).extracting(SongCut::worth).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        // A verse and a refrain gone, the music is the same again.
        SongCut two = SongCut.of(SONG, 28).get(0);
        assertThat(two.bars()).isEqualTo(16);
        assertThat(two.why())
                .isEqualTo("whole parts, the same music goes on, at the same tempo, where a phrase is over");
    }

    @Test
    void neverCutsIntoHowItBeginsOrEnds() {
        for (SongCut cut : SongCut.of(SONG, 20)) {
            assertThat(cut.from()).isGreaterThan(5);
            assertThat(cut.after()).isLessThanOrEqualTo(37);
        }
    }

    @Test
    void whatIsLeftKeepsItsPartsAccentsAndBeats() {
        SongCut cut = new SongCut(13, 16, 1, "");
        Song left = cut.cut(SONG, "cut");
        assertThat(left.name()).isEqualTo("Long, cut");
        assertThat(left.bars()).isEqualTo(28);
        assertThat(left.sections())
                .extracting(Song.Section::name)
                .containsExactly("Opening", "Verse", "Refrain", "Close");
        assertThat(left.accents()).containsExactly(new Song.Accent(6, 1), new Song.Accent(24, 1));
        assertThat(left.tempos()).containsExactly(new Song.TempoMark(1, 30), new Song.TempoMark(21, 25));
        Recorded recorded = left.recording().orElseThrow();
        assertThat(recorded.file()).isEqualTo("cut");
        assertThat(recorded.seconds()).isCloseTo(120 - 32, within(1e-9));
        assertThat(recorded.beats()).hasSize(28 * 4 + 1);
        for (int i = 1; i < recorded.beats().size(); i++) {
            assertThat(recorded.beats().get(i) - recorded.beats().get(i - 1)).isCloseTo(0.5, within(1e-9));
        }
        assertThat(cut.seconds(SONG).orElseThrow()).containsExactly(1.5 + 48 * 0.5, 1.5 + 112 * 0.5);
    }

    @Test
    void refusesWhatCannotBeLeft() {
        assertThatThrownBy(() -> SongCut.of(SONG, 40)).hasMessageContaining("at most 36 can be left of it, but 40");
        assertThatThrownBy(() -> SongCut.of(SONG, 0)).hasMessageContaining("but 0 were asked for");
    }
}
