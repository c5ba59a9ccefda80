package fluidframe.core.couple;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoldChangeTest {
    @ParameterizedTest
    @CsvSource({
        "closed no contact, double",
        "closed no contact, L-R",
        "double, R-L",
        "L-R, R-R",
        "R-L, L-L",
        "L-R, none",
        "none, closed no contact",
        "crossed, L-R"
    })
    void isReachedWhileAHandStaysTaken(String from, String to) {
        assertThat(Hold.parse(from).canBecome(Hold.parse(to))).isTrue();
        assertThat(Hold.parse(to).canBecome(Hold.parse(from))).isTrue();
    }

    @Test
    void wrongHandsAreNotReached() {
        assertThat(Hold.LEFT_TO_RIGHT.canBecome(Hold.RIGHT_TO_LEFT)).isFalse();
        assertThat(Hold.RIGHT_TO_RIGHT.canBecome(Hold.LEFT_TO_LEFT)).isFalse();
    }
}
