package fluidframe.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RhythmTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz     | 1 2 3         | 1 1 1           | 3",
                "waltz     | 1 2 & 3       | 1 1/2 1/2 1     | 3",
                "waltz     | 1 & 2 3       | 1/2 1/2 1 1     | 3",
                "waltz     | 1 2 3 &       | 1 1 1/2 1/2     | 3",
                "foxtrot   | S Q Q S       | 2 1 1 2         | 6",
                "tango     | Q Q S         | 1/2 1/2 1       | 2",
                "tango     | Q & S         | 1/4 1/4 1       | 1 1/2",
                "cha-cha   | 2 3 4 & 1     | 1 1 1/2 1/2 1   | 4",
                "rumba     | 2 3 4.1       | 1 1 2           | 4",
                "samba     | 1 a 2         | 3/4 1/4 1       | 2",
                "jive      | 1 2 3 a 4     | 1 1 3/4 1/4 1   | 4",
                "paso-doble | 1 2          | 1 1             | 2",
                "quickstep | 1 & a 2       | 1/2 1/4 1/4 1   | 2"
            })
    void givesEveryWordItsBeats(String dance, String words, String beats, String total) {
        Rhythm rhythm = Rhythm.parse(Dance.parse(dance), words);
        String each = IntStream.range(0, rhythm.size())
                .mapToObj(i -> rhythm.beats(i).toString())
                .collect(Collectors.joining(" "));
        assertThat(each).isEqualTo(beats);
        assertThat(rhythm.total()).hasToString(total);
        assertThat(rhythm).hasToString(words).isEqualTo(Rhythm.parse(Dance.parse(dance), rhythm.toString()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 2 3 1 2 3 | -1",
                "1 3 | 1",
                "1 2 2 | 2",
                "& 2 | 0",
                "2 3 1 2 | -1",
                "1 2 & 3 1 | -1",
                "1 2 3 2 | 3",
                "1 & & 2 | 3"
            })
    void findsWhereWordsAndSumsPart(String words, int row) {
        assertThat(Rhythm.parse(Dance.WALTZ, words).firstMisplaced()).isEqualTo(row);
    }

    @Test
    void startsOnAnyBeatAndWrapsAtTheBar() {
        assertThat(Rhythm.parse(Dance.RUMBA, "2 3 4.1 2 3 4.1").firstMisplaced())
                .isEqualTo(-1);
        assertThat(Rhythm.parse(Dance.RUMBA, "2 3 4 2").firstMisplaced()).isEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"x", "0", "13", "S.1", "1.2.", "slowly"})
    void refusesWhatNobodyCounts(String word) {
        assertThatThrownBy(() -> Count.parse(word))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("but was");
    }

    @Test
    void refusesAnEmptyRhythmAndAnUnknownDance() {
        assertThatThrownBy(() -> Rhythm.parse(Dance.WALTZ, " ")).hasMessage("A rhythm must have at least one count");
        assertThatThrownBy(() -> Dance.parse("polka"))
                .hasMessageStartingWith("Dance must be one of waltz, tango")
                .hasMessageEndingWith("but was \"polka\"");
    }

    @Test
    void knowsTheTenDancesAndTheAmericanOnes() {
        assertThat(Dance.values())
                .filteredOn(d -> d.style() == Dance.Style.INTERNATIONAL)
                .hasSize(10);
        assertThat(Dance.values()).allSatisfy(dance -> {
            assertThat(dance.startBeats()).allMatch(beat -> beat >= 1 && beat <= dance.beatsPerBar());
            assertThat(dance.bar().remainder(dance.phraseUnit())).isEqualTo(Beats.ZERO);
            assertThat(dance.strideMetres()).isBetween(0.3, 0.8);
            assertThat(Dance.parse(dance.toString())).isSameAs(dance);
            assertThat(dance.slowestBarsPerMinute()).isLessThan(dance.fastestBarsPerMinute());
            assertThat(dance.slow()).isGreaterThanOrEqualTo(dance.quick());
        });
    }
}
