package fluidframe.core.direction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AlignmentTest {
    @Test
    void roundTripsEveryKindInEveryDirectionAndFacesWhatItBacks() {
        for (Alignment.Kind kind : Alignment.Kind.values()) {
            for (int s = 0; s < 16; s++) {
                Alignment alignment = Alignment.of(kind, new Direction(s));
                assertThat(Alignment.parse(alignment.toString())).isEqualTo(alignment);
                int foot = alignment.footDirection().sixteenths();
                assertThat(foot).isEqualTo(kind == Alignment.Kind.BACKING ? (s + 8) % 16 : s);
                assertThat(alignment.withFootDirection(alignment.footDirection()))
                        .isEqualTo(alignment);
                for (int turn = -16; turn <= 16; turn++) {
                    assertThat(alignment.rotated(turn).footDirection())
                            .isEqualTo(alignment.footDirection().plus(turn));
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "b dc | backing DC",
                "FACING  dw | facing DW",
                "p against LOD | pointing against LOD",
                "facing dw moving lod | facing DW, moving LOD"
            })
    void readsShortForms(String text, String canonical) {
        assertThat(Alignment.parse(text)).hasToString(canonical);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "DW", "facing", "looking DW", "facing DW, moving"})
    void refusesNonsense(String text) {
        assertThatThrownBy(() -> Alignment.parse(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("but was");
    }
}
