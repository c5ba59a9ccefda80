package fluidframe.library.practice;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.lesson.Lesson;
import fluidframe.core.practice.Minutes;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.core.practice.Purpose;
import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import org.junit.jupiter.api.Test;

class PracticeCalendarTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private static PracticeDay day(int after, String name) {
        Part part = new Part(
                Purpose.WEAK,
                "figure",
                "waltz.whisk",
                name,
                0,
                "",
                10,
                OptionalDouble.of(24.5),
                OptionalDouble.of(26),
                9,
                "late ({lady}, step 2); first, slowly\\ then",
                Part.State.OPEN);
        return new PracticeDay(MONDAY.plusDays(after), List.of(part), "");
    }

    private static String write(PracticeDay... days) {
        Practice practice = new Practice(
                new Lesson.With("couple", "a", "Ínes and Tobin"),
                new Practice.Aim("", "Cup, heats; final", MONDAY.plusDays(9)),
                new Minutes(Map.of(), Map.of()),
                List.of(),
                List.of(days),
                List.of(),
                "");
        return PracticeCalendar.write("p1", practice, MONDAY, Instant.parse("2026-03-01T10:00:00Z"));
    }

    @Test
    void everyDayOfPracticeFromTodayOnAndTheEventAreThere() throws Exception {
        String file = write(day(-1, "Gone"), day(0, "Whisk"), new PracticeDay(MONDAY.plusDays(1), List.of(), "rest"));
        List<? extends Component> read =
                new CalendarBuilder().build(new StringReader(file)).getComponents();
        assertThat(read).hasSize(2);
        assertThat(value(read.get(0), Property.SUMMARY)).isEqualTo("Practice, 10 min: Whisk");
        assertThat(value(read.get(0), Property.DTSTART)).isEqualTo("20260302");
        assertThat(value(read.get(0), Property.UID)).isEqualTo("p1-2026-03-02@fluidframe");
        assertThat(value(read.get(0), Property.DESCRIPTION))
                .isEqualTo("10 min Whisk, 24.5 to 26 bars a minute: late (lady, step 2); first, slowly\\ then");
        assertThat(value(read.get(1), Property.SUMMARY)).isEqualTo("Cup, heats; final");
        assertThat(value(read.get(1), Property.DTSTART)).isEqualTo("20260311");
    }

    @Test
    void anotherFileNamesTheSameDayTheSame() {
        assertThat(write(day(0, "Whisk"))).isEqualTo(write(day(0, "Whisk"))).contains("BEGIN:VCALENDAR");
        assertThat(write(day(0, "Wing"))).contains("UID:p1-2026-03-02@fluidframe");
    }

    private static String value(Component component, String property) {
        return component.getRequiredProperty(property).getValue();
    }
}
