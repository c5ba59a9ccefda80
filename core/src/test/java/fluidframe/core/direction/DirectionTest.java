package fluidframe.core.direction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DirectionTest {
    private static IntStream all() {
        return IntStream.range(0, 16);
    }

    @Test
    void printsAndReadsAllSixteen() {
        all().forEach(s ->
                assertThat(Direction.parse(new Direction(s).toString())).isEqualTo(new Direction(s)));
        assertThat(all().mapToObj(s -> new Direction(s).toString()).distinct()).hasSize(16);
    }

    @ParameterizedTest
    @CsvSource({
        "LOD, 0",
        "DW, 2",
        "w, 4",
        "Diagonal Wall against LOD, 6",
        "against  LOD, 8",
        "DCA, 10",
        "center, 12",
        "dc, 14",
        "LOD/DW, 1",
        "DC/LOD, 15"
    })
    void readsTheWordsInUse(String text, int sixteenths) {
        assertThat(Direction.parse(text)).isEqualTo(new Direction(sixteenths));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "north", "LOD/wall", "DW/LOD", "/"})
    void refusesOtherWordsWithTheList(String text) {
        assertThatThrownBy(() -> Direction.parse(text))
                .hasMessageContaining("LOD, DW, wall")
                .hasMessageEndingWith("but was \"" + text + "\"");
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 16})
    void refusesNumbersOutsideTheCompass(int sixteenths) {
        assertThatThrownBy(() -> new Direction(sixteenths))
                .hasMessageContaining("from 0 to 15 sixteenths, but was " + sixteenths);
    }

    @Test
    void turnsFromAnyDirectionToAnyOtherTheShorterWay() {
        all().forEach(from -> all().forEach(to -> {
            int turn = new Direction(to).turnFrom(new Direction(from));
            assertThat(turn).isBetween(-7, 8);
            assertThat(new Direction(from).plus(turn)).isEqualTo(new Direction(to));
        }));
    }

    @Test
    void namesTheOldCentreTheNewLineOfDanceAfterACorner() {
        assertThat(Direction.parse("DC").afterCorner()).isEqualTo(Direction.parse("DW"));
        assertThat(Direction.parse("centre").afterCorner()).isEqualTo(Direction.LOD);
        all().forEach(s -> assertThat(new Direction(s).afterCorner().clockwiseFrom(new Direction(s)))
                .isEqualTo(4));
    }
}
