package fluidframe.core.practice;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;

/**
 * How much time there is.
 *
 * @param week minutes by the day of the week; none where a day is left out
 * @param except minutes of single days, instead of those of the week
 */
public record Minutes(Map<DayOfWeek, Integer> week, Map<LocalDate, Integer> except) {
    /** The longest practice of a day. */
    public static final int LONGEST = 480;

    public Minutes {
        week.forEach((day, minutes) -> check(day.toString(), minutes));
        except.forEach((day, minutes) -> check(day.toString(), minutes));
        week = Map.copyOf(week);
        except = Map.copyOf(except);
    }

    private static void check(String day, int minutes) {
        if (minutes < 0 || minutes > LONGEST) {
            throw new IllegalArgumentException(
                    "A day has from 0 to " + LONGEST + " minutes of practice, but " + day + " was to have " + minutes);
        }
    }

    public int of(LocalDate day) {
        return except.getOrDefault(day, week.getOrDefault(day.getDayOfWeek(), 0));
    }
}
