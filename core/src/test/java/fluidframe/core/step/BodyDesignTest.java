package fluidframe.core.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BodyDesignTest {
    @ParameterizedTest
    @ValueSource(strings = {"settle R", "settle R on 2, rotate L & before 3", "lateral L at end", "shape R", "none"})
    void printsWhatItReads(String text) {
        assertThat(BodyDesign.parse(text)).hasToString(text);
        assertThat(BodyDesign.parse(BodyDesign.parse(text).toString())).isEqualTo(BodyDesign.parse(text));
    }

    @Test
    void understandsHowCoachesSayIt() {
        assertThat(BodyDesign.parse("Settles to right ON 2")).hasToString("settle R on 2");
    }

    @Test
    void mirrorsItsSides() {
        assertThat(BodyDesign.parse("settle R, twist L").mirrored()).hasToString("settle L, twist R");
    }

    @Test
    void refusesWhatHipsCannotDo() {
        assertThatThrownBy(() -> BodyDesign.parse("wiggle R")).hasMessageContaining("but was \"wiggle R\"");
        assertThatThrownBy(() -> BodyDesign.parse("settle R,settle R,settle R,settle R,settle R,settle R,settle R"))
                .hasMessageContaining("at most 6 phases");
    }
}
