package fluidframe.core.count;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class CountInTest {
    @Test
    void aSlowDanceIsCountedInByOneBarAndAQuickOneByTwo() {
        assertThat(CountIn.of(Dance.WALTZ, 29).bars()).isEqualTo(1);
        assertThat(CountIn.of(Dance.RUMBA, 26).bars()).isEqualTo(1);
        assertThat(CountIn.of(Dance.VIENNESE_WALTZ, 59).bars()).isEqualTo(2);
        assertThat(CountIn.of(Dance.PASO_DOBLE, 60).bars()).isEqualTo(2);
        assertThat(CountIn.of(Dance.PASO_DOBLE, 30).bars()).isEqualTo(1);
    }

    @Test
    void theBeatsAreCountedByTheirNumbers() {
        assertThat(CountIn.of(Dance.RUMBA, 26).words()).containsExactly("one", "two", "three", "four");
        assertThat(CountIn.of(Dance.TANGO, 32).words()).containsExactly("one", "two");
    }
}
