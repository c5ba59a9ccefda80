package fluidframe.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.lesson.Lesson;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PracticeTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private static Part part(String id, Part.State state) {
        return new Part(
                Purpose.KEEP,
                "figure",
                id,
                id,
                0,
                "",
                10,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                1,
                "because",
                state);
    }

    private static final Practice PLAN = new Practice(
            new Lesson.With("couple", "a", "Ada and Bo"),
            new Practice.Aim("", "Medal test", MONDAY.plusDays(9)),
            new Minutes(Map.of(), Map.of()),
            List.of(),
            List.of(
                    new PracticeDay(
                            MONDAY,
                            List.of(
                                    Part.rest(Purpose.WARM_UP, 5, "slowly"),
                                    part("whisk", Part.State.OPEN),
                                    part("weave", Part.State.MISSED)),
                            ""),
                    new PracticeDay(MONDAY.plusDays(1), List.of(part("whisk", Part.State.OPEN)), "")),
            List.of(),
            "");

    @Test
    void onePartOfOneDayIsDoneAndOpenAgain() {
        Practice done = PLAN.ticked(MONDAY, 1, "figure:whisk", true);
        assertThat(done.parts())
                .extracting(Part::state)
                .containsExactly(Part.State.DONE, Part.State.MISSED, Part.State.OPEN);
        assertThat(done.ticked(MONDAY, 1, "figure:whisk", false)).isEqualTo(PLAN);
        assertThat(PLAN.ticked(MONDAY, 2, "figure:weave", true).count(Part.State.MISSED))
                .isZero();
    }

    @ParameterizedTest
    @CsvSource({"1, figure:weave", "0, :", "3, figure:whisk", "-1, figure:whisk", "2, figure:whisk"})
    void whatIsNotThereAnyMoreIsNotTicked(int nth, String key) {
        assertThatThrownBy(() -> PLAN.ticked(MONDAY, nth, key, true)).hasMessageContaining("changed meanwhile");
    }

    @Test
    void aDayWithoutAPlanIsNotTicked() {
        assertThatThrownBy(() -> PLAN.ticked(MONDAY.minusDays(1), 0, "figure:whisk", true))
                .hasMessage("Nothing is planned on 2026-03-01");
    }
}
