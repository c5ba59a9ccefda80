package fluidframe.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.step.Placement;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class NearestTest {
    static Stream<Arguments> slips() {
        return Stream.of(
                Arguments.of((Function<String, Object>) CouplePosition::parse, "promenad", "promenade"),
                Arguments.of(
                        (Function<String, Object>) CouplePosition::parse, "partner outside", "partner outside left"),
                Arguments.of((Function<String, Object>) Hold::parse, "closed contakt", "closed contact"),
                Arguments.of((Function<String, Object>) Placement::parse, "forwad", "forward"),
                Arguments.of(
                        (Function<String, Object>) Placement::parse,
                        "side and slighly back small",
                        "side and slightly back"));
    }

    @ParameterizedTest
    @MethodSource("slips")
    void namesWhatWasMeantFirstAndNoMoreThanThree(Function<String, Object> parse, String typed, String meant) {
        assertThatThrownBy(() -> parse.apply(typed))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must be one of " + meant + ",")
                .hasMessageContaining("(the nearest of ")
                .hasMessageEndingWith("but was \"" + typed + "\"")
                .satisfies(refusal ->
                        assertThat(refusal.getMessage().split("\\s+")).hasSizeLessThan(40));
    }

    @Test
    void namesAllOfAShortList() {
        assertThat(Nearest.refusal("A foot", List.of("L", "R"), "M"))
                .isEqualTo("A foot must be one of L, R, but was \"M\"");
    }
}
