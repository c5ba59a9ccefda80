package fluidframe.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LoadTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private static PracticeDay day(int after, int minutes) {
        List<Part> parts = minutes == 0
                ? List.of()
                : List.of(new Part(
                        Purpose.WEAK,
                        "figure",
                        "spin",
                        "spin",
                        0,
                        "",
                        minutes,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        1,
                        "because",
                        Part.State.OPEN));
        return new PracticeDay(MONDAY.plusDays(after), parts, "");
    }

    private static Load load(Load.Demand demand, PracticeDay... days) {
        return Load.of(List.of(days), part -> demand);
    }

    @Test
    void manySpinsInADayAreSaidWithTheDay() {
        Load.Demand spins = new Load.Demand(20, Map.of(Strain.SPIN, 2));
        assertThat(load(spins, day(0, 20)).advice()).isEmpty();
        assertThat(load(spins, day(0, 20), day(1, 30), day(2, 40)).advice())
                .singleElement()
                .asString()
                .contains("About 240 spins", "2026-03-04", "1 other day");
    }

    @Test
    void aJumpOfMoreThanAThirdIsSaidAndAThirdIsNot() {
        assertThat(load(Load.Demand.NOTHING, day(0, 90), day(7, 120)).advice()).isEmpty();
        assertThat(load(Load.Demand.NOTHING, day(0, 90), day(7, 121)).advice())
                .singleElement()
                .asString()
                .contains("From 90 to 121", "2026-03-09");
        // A plan that begins on a Saturday says nothing of the week before.
        assertThat(load(Load.Demand.NOTHING, day(5, 60), day(7, 300)).advice()).isEmpty();
    }

    @Test
    void sevenDaysRunningAreSaidAndSixAreNot() {
        List<PracticeDay> days = new ArrayList<>();
        for (int i = 0; i < 6; i++) days.add(day(i, 20));
        assertThat(Load.of(days, part -> Load.Demand.NOTHING).advice()).isEmpty();
        days.add(day(6, 20));
        assertThat(Load.of(days, part -> Load.Demand.NOTHING).advice())
                .singleElement()
                .asString()
                .contains("No day of rest", "2026-03-08");
    }
}
