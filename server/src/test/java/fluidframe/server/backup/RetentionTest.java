package fluidframe.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RetentionTest {
    private static final LocalDate FIRST = LocalDate.of(2024, 12, 20);

    /** A backup every day for two years, with what is not kept taken away each day, as it is done. */
    @Test
    void aYearOfDaysLeavesSevenDaysFiveWeeksAndTwelveMonths() {
        Set<LocalDate> days = new HashSet<>();
        for (int day = 0; day < 730; day++) {
            days.add(FIRST.plusDays(day));
            days.retainAll(Retention.kept(days));
        }
        LocalDate last = FIRST.plusDays(729);
        List<LocalDate> sorted = days.stream().sorted().toList();
        assertThat(days).contains(last, last.minusDays(1), last.minusDays(6));
        assertThat(days.stream().map(YearMonth::from).collect(Collectors.toSet()))
                .hasSize(12);
        assertThat(sorted.get(0)).isAfter(last.minusMonths(12));
        // Four more Sundays besides those of the last seven days, and the ends of eleven months of which one may be a
        // Sunday.
        assertThat(days.size()).isBetween(20, 7 + 4 + 11);
        assertThat(days)
                .contains(last.minusMonths(3).withDayOfMonth(last.minusMonths(3).lengthOfMonth()));
    }

    @Test
    void daysWithoutAChangePushNothingOut() {
        List<LocalDate> seldom = List.of(FIRST, FIRST.plusDays(90), FIRST.plusDays(91), FIRST.plusDays(400));
        assertThat(Retention.kept(seldom)).containsExactlyInAnyOrderElementsOf(seldom);
        assertThat(Retention.kept(List.of())).isEmpty();
    }
}
