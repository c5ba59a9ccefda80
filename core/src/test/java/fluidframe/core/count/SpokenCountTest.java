package fluidframe.core.count;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenCountTest {
    @ParameterizedTest
    @CsvSource({
        "S, 0, slow at 0",
        "Q, 5/2, quick at 2 1/2",
        "4.1, 3, 'four at 3, one at 4'",
        "2.3, 1, 'two at 1, three at 2'",
        "&, 3/2, and at 1 1/2",
        "cha, 3, cha at 3",
        "eleven, 6, eleven at 6",
        "2 & a, 1, 'two at 1, and at 1 1/2, a at 1 3/4'",
        "4 & 1 &, 3, 'four at 3, and at 3 1/2, one at 4, and at 4 1/2'",
        "whoosh, 0, ''",
        "'', 0, ''",
        "13, 0, ''"
    })
    void everyWordFallsOnWhatItNames(String said, String onset, String expected) {
        assertThat(SpokenCount.of(said, Beats.parse(onset)).stream()
                        .map(word -> word.word() + " at " + word.beat())
                        .collect(Collectors.joining(", ")))
                .isEqualTo(expected);
    }
}
