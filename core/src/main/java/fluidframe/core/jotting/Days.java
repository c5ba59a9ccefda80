package fluidframe.core.jotting;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** Finds the words for a day that has been: "yesterday", "last tuesday", "on 3 may", "2 days ago", "2026-05-03". */
final class Days {
    private static final int SHORTEST = 3;

    private Days() {}

    /** The day that is named, whose words are taken; otherwise today. */
    static LocalDate take(Typed line, LocalDate today) {
        for (int i = 0; i < line.size(); i++) {
            int from = i > 0 && (line.at(i - 1).equals("on") || line.at(i - 1).equals("last")) ? i - 1 : i;
            Optional<Found> found = at(line, i, today);
            if (found.isPresent()) {
                line.take(from, i + found.get().words());
                return found.get().day();
            }
        }
        return today;
    }

    private record Found(LocalDate day, int words) {}

    private static Optional<Found> at(Typed line, int i, LocalDate today) {
        String word = line.at(i);
        if (word.equals("today") || word.equals("tonight")) return found(today, 1);
        if (word.equals("yesterday")) return found(today.minusDays(1), 1);
        if (word.matches("\\d{4}-\\d\\d?-\\d\\d?")) return iso(word);
        if (line.at(i + 2).equals("ago") && word.matches("\\d{1,3}|a|one|two|three"))
            return ago(word, line.at(i + 1), today);
        Optional<DayOfWeek> weekday =
                named(word, DayOfWeek.values(), day -> day.getDisplayName(TextStyle.FULL, Locale.ENGLISH));
        if (weekday.isPresent()) return found(today.with(TemporalAdjusters.previous(weekday.get())), 1);
        Optional<Found> first = day(word, line.at(i + 1), today);
        return first.isPresent() ? first : day(line.at(i + 1), word, today);
    }

    private static Optional<Found> iso(String word) {
        String[] parts = word.split("-");
        return valid(Integer.parseInt(parts[0]), Integer.parseInt(parts[1]), Integer.parseInt(parts[2]))
                .map(day -> new Found(day, 1));
    }

    private static Optional<Found> ago(String number, String unit, LocalDate today) {
        int many = switch (number) {
            case "a", "one" -> 1;
            case "two" -> 2;
            case "three" -> 3;
            default -> Integer.parseInt(number);
        };
        if (unit.startsWith("day")) return found(today.minusDays(many), 3);
        return unit.startsWith("week") ? found(today.minusWeeks(many), 3) : Optional.empty();
    }

    /** The latest day of that date that is not ahead. */
    private static Optional<Found> day(String number, String month, LocalDate today) {
        if (!number.matches("\\d{1,2}(st|nd|rd|th)?")) return Optional.empty();
        int of = Integer.parseInt(number.replaceAll("\\D", ""));
        return named(month, Month.values(), each -> each.getDisplayName(TextStyle.FULL, Locale.ENGLISH))
                .flatMap(found -> valid(today.getYear(), found.getValue(), of))
                .map(day -> new Found(day.isAfter(today) ? day.minusYears(1) : day, 2));
    }

    private static Optional<LocalDate> valid(int year, int month, int day) {
        try {
            return Optional.of(LocalDate.of(year, month, day));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static Optional<Found> found(LocalDate day, int words) {
        return Optional.of(new Found(day, words));
    }

    /** Of names that are words of their own too, such as "sat" and "march", only what can be nothing else. */
    private static <E extends Enum<E>> Optional<E> named(String word, E[] all, Function<E, String> name) {
        if (word.length() < SHORTEST || word.equals("sat") || word.equals("sun") || word.equals("mar"))
            return Optional.empty();
        for (E each : all) {
            String full = name.apply(each).toLowerCase(Locale.ROOT);
            if (full.equals(word) || word.length() <= 4 && full.startsWith(word)) return Optional.of(each);
        }
        return Optional.empty();
    }
}
