package fluidframe.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The days from one to an event, with the minutes that each has once rest is taken out. */
final class Timetable {
    /** After so many days of practice one is free. */
    private static final int WITHOUT_REST = 6;

    /**
     * A day.
     *
     * @param minutes that are left
     * @param why they are fewer than were given; blank if they are not
     */
    record Slot(LocalDate date, int minutes, String why) {}

    private Timetable() {}

    /**
     * The days until the event, itself not included. The day before has half its minutes. Where more than six days running would
     * be danced, the one with the fewest minutes is free, of equals the last.
     *
     * @param danced whether something was done on a day before
     */
    static List<Slot> of(LocalDate from, LocalDate until, Minutes minutes, Predicate<LocalDate> danced) {
        List<Slot> days = new ArrayList<>();
        int running = 0;
        for (LocalDate day = from.minusDays(1); danced.test(day) && running < WITHOUT_REST; day = day.minusDays(1))
            running++;
        for (LocalDate day = from; day.isBefore(until); day = day.plusDays(1)) {
            int given = minutes.of(day);
            boolean eve = day.plusDays(1).equals(until);
            days.add(new Slot(
                    day, eve ? (given + 1) / 2 : given, eve && given > 0 ? "the day before: half the minutes" : ""));
            running = given == 0 ? 0 : running + 1;
            if (running > WITHOUT_REST) running = rested(days);
        }
        return days;
    }

    /** Frees the lightest of the last few days; answers how many have been danced since. */
    private static int rested(List<Slot> days) {
        int first = Math.max(0, days.size() - WITHOUT_REST - 1);
        int lightest = first;
        for (int i = first; i < days.size(); i++) {
            if (days.get(i).minutes() <= days.get(lightest).minutes()) lightest = i;
        }
        LocalDate date = days.get(lightest).date();
        days.set(lightest, new Slot(date, 0, "a day of rest, since there would be none in seven"));
        return days.size() - 1 - lightest;
    }
}
