package fluidframe.core.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FsrsTest {
    private static final Fsrs FSRS = new Fsrs(Fsrs.USUALLY_WANTED);
    private static final double CLOSE = 1e-6;

    private static Memory after(List<Grade> grades, List<Integer> days) {
        Optional<Memory> memory = Optional.empty();
        for (int i = 0; i < grades.size(); i++) memory = Optional.of(FSRS.after(memory, grades.get(i), days.get(i)));
        return memory.orElseThrow();
    }

    /** The values that the authors of the model publish with it. */
    @Test
    void agreesWithThePublishedMemory() {
        Memory memory = after(
                List.of(Grade.AGAIN, Grade.GOOD, Grade.GOOD, Grade.GOOD, Grade.GOOD, Grade.GOOD),
                List.of(0, 0, 1, 3, 8, 21));
        assertThat(memory.stability()).isCloseTo(53.62691, within(1e-5));
        assertThat(memory.difficulty()).isCloseTo(6.3574867, within(1e-6));
    }

    @Test
    void agreesWithThePublishedIntervalsForEveryShareWanted() {
        assertThat(IntStream.rangeClosed(1, 10).map(tenths -> FSRS.interval(1, tenths / 10.0)))
                .containsExactly(36_500, 34793, 2508, 387, 90, 27, 9, 3, 1, 1);
    }

    /** Good twice on the first day, then five times good when due, forgotten, and learned again. */
    @Test
    void agreesWithThePublishedCourseOfACard() {
        List<Integer> intervals = new ArrayList<>();
        Optional<Memory> memory = Optional.of(FSRS.after(Optional.empty(), Grade.GOOD, 0));
        memory = Optional.of(FSRS.after(memory, Grade.GOOD, 0));
        intervals.add(FSRS.interval(memory.get()));
        for (int i = 0; i < 4; i++) {
            memory = Optional.of(FSRS.after(memory, Grade.GOOD, intervals.get(i)));
            intervals.add(FSRS.interval(memory.get()));
        }
        assertThat(intervals).containsExactly(2, 11, 46, 163, 498);
        memory = Optional.of(FSRS.after(memory, Grade.AGAIN, 498));
        memory = Optional.of(FSRS.after(memory, Grade.AGAIN, 0));
        List<Integer> again = new ArrayList<>();
        int days = 0;
        for (int i = 0; i < 5; i++) {
            memory = Optional.of(FSRS.after(memory, Grade.GOOD, days));
            days = FSRS.interval(memory.get());
            again.add(days);
        }
        assertThat(again).containsExactly(2, 4, 7, 12, 21);
    }

    @Test
    void recallIsNineOfTenAfterTheStabilityAndFallsWithTime() {
        Memory memory = new Memory(12, 5);
        assertThat(FSRS.recall(memory, 12)).isCloseTo(0.9, within(CLOSE));
        assertThat(FSRS.recall(memory, 0)).isCloseTo(1, within(CLOSE));
        for (int day = 0; day < 400; day++)
            assertThat(FSRS.recall(memory, day)).isGreaterThan(FSRS.recall(memory, day + 1));
    }

    @Test
    void whateverIsAnsweredTheBetterAnswerIsAskedLaterAndAllStaysInRange() {
        Random random = new Random(11);
        for (int nth = 0; nth < 2000; nth++) {
            Memory memory = new Memory(0.01 + random.nextDouble() * 400, 1 + random.nextDouble() * 9);
            double days = random.nextInt(3) == 0 ? 0 : 1 + random.nextInt(900);
            double last = 0;
            for (Grade grade : Grade.values()) {
                Memory next = FSRS.after(Optional.of(memory), grade, days);
                assertThat(next.stability()).isGreaterThanOrEqualTo(last);
                last = next.stability();
                assertThat(FSRS.interval(next)).isBetween(1, 36_500);
            }
            assertThat(new Fsrs(0.8).interval(memory)).isGreaterThanOrEqualTo(FSRS.interval(memory));
        }
    }

    @Test
    void whatCannotBeIsRefusedWithTheRange() {
        assertThatThrownBy(() -> new Fsrs(0.5))
                .hasMessage("Of ten cards 7 to 9.7 can be wanted to be recalled, but it was 5.0");
        assertThatThrownBy(() -> new Fsrs(Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Memory(0, 5)).hasMessageContaining("more than 0 days");
        assertThatThrownBy(() -> new Memory(1, 11)).hasMessageContaining("from 1 to 10");
    }
}
