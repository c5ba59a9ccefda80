package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.band.Band;
import fluidframe.core.band.Note;
import fluidframe.core.count.Dance;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BandsTest {
    private static final Map<Dance, Band> BANDS = Bands.load();

    @ParameterizedTest
    @EnumSource(Dance.class)
    void everyDanceHasAPhraseOfEightBarsWithBassChordAndSomethingStruck(Dance dance) {
        Band band = BANDS.get(dance);
        assertThat(band.phraseBeats()).isEqualTo(8 * dance.beatsPerBar());
        List<Note> phrase = band.phrase();
        assertThat(phrase).anyMatch(note -> note.pitch() > 0 && note.pitch() < 50);
        assertThat(phrase).anyMatch(note -> note.pitch() >= 55);
        assertThat(phrase).anyMatch(note -> !note.instrument().isPitched());
        assertThat(phrase).allSatisfy(note -> {
            assertThat(note.beat()).isGreaterThanOrEqualTo(0).isLessThan(band.phraseBeats());
            assertThat(note.loud()).isBetween(0.3, 1.0);
        });
        for (int bar = 0; bar < 8; bar++) {
            double first = bar * dance.beatsPerBar();
            assertThat(phrase).as("first beat of bar %s", bar + 1).anyMatch(note -> note.beat() == first);
        }
    }

    @ParameterizedTest
    @EnumSource(Dance.class)
    void thePhraseComesHomeAndTheEndingEndsOnTheSameChord(Dance dance) {
        Band band = BANDS.get(dance);
        assertThat(band.cadence().get(band.cadence().size() - 1).root())
                .isEqualTo(band.harmony().get(7).root());
        double lastBar = band.endingBeats() - dance.beatsPerBar();
        assertThat(band.ending()).anyMatch(note -> note.beat() == lastBar && note.pitch() > 0);
    }

    @ParameterizedTest
    @EnumSource(Dance.class)
    void noOtherDanceHasTheSameRhythm(Dance dance) {
        Set<Set<String>> others = new HashSet<>();
        BANDS.forEach((other, band) -> {
            if (other != dance) others.add(rhythm(band));
        });
        assertThat(others).hasSize(Dance.values().length - 1).doesNotContain(rhythm(BANDS.get(dance)));
    }

    private static Set<String> rhythm(Band band) {
        return band.phrase().stream()
                .filter(note -> !note.instrument().isPitched())
                .map(note -> note.instrument() + " " + note.beat())
                .collect(Collectors.toSet());
    }
}
