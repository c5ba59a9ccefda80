package fluidframe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CountersTest {
    private static final List<String> FIGURES = List.of("a", "b", "c");

    private static int state(Counters counters, int... figures) {
        int state = 0;
        for (int figure : figures) state = counters.after(state, figure, true);
        return state;
    }

    @Test
    void isMetOnceEverythingRequiredHasBeenDanced() {
        Counters counters = new Counters(FIGURES, Plan.of(4).requiring("a", "c"));
        assertThat(counters.size()).isEqualTo(4);
        assertThat(counters.met(state(counters, 1, 0))).isFalse();
        assertThat(counters.met(state(counters, 2, 1, 0))).isTrue();
        assertThat(state(counters, 0, 0, 0)).isEqualTo(state(counters, 0));
    }

    @Test
    void refusesMoreThanALimitAllows() {
        Counters counters = new Counters(FIGURES, Plan.of(4).limiting(Map.of("b", 2, "c", 0)));
        assertThat(counters.after(state(counters, 1, 1), 1, true)).isEqualTo(-1);
        assertThat(counters.after(0, 2, false)).isEqualTo(-1);
        assertThat(counters.after(state(counters, 1), 0, true)).isEqualTo(state(counters, 1));
        assertThat(counters.met(0)).isTrue();
    }

    @Test
    void countsARequiredFigureUpToItsLimit() {
        Counters counters = new Counters(FIGURES, Plan.of(4).requiring("a").limiting(Map.of("a", 3)));
        assertThat(counters.size()).isEqualTo(8);
        assertThat(counters.met(state(counters, 0))).isTrue();
        int inPart = counters.after(0, 0, false);
        assertThat(counters.met(inPart)).isFalse();
        assertThat(counters.after(counters.after(inPart, 0, true), 0, true)).isPositive();
        assertThat(counters.after(state(counters, 0, 0, 0), 0, true)).isEqualTo(-1);
    }

    @Test
    void refusesUnknownFiguresAndTooManyCombinations() {
        assertThatThrownBy(() -> new Counters(FIGURES, Plan.of(4).requiring("z")))
                .hasMessageContaining("\"z\"");
        assertThatThrownBy(() -> new Counters(FIGURES, Plan.of(4).limiting(Map.of("a", 99, "b", 99))))
                .hasMessageContaining("4096");
    }
}
