package fluidframe.server.backup;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Which of the days of backups are kept: the last seven there are, the newest of five weeks and of twelve months. */
final class Retention {
    static final int DAYS = 7;
    static final int WEEKS = 5;
    static final int MONTHS = 12;

    private Retention() {}

    /** Those to keep among the days given. */
    static Set<LocalDate> kept(Collection<LocalDate> days) {
        List<LocalDate> newest =
                days.stream().distinct().sorted(Comparator.reverseOrder()).toList();
        Set<LocalDate> kept = new HashSet<>(newestOfEach(newest, day -> day, DAYS));
        kept.addAll(newestOfEach(newest, Retention::week, WEEKS));
        kept.addAll(newestOfEach(newest, YearMonth::from, MONTHS));
        return kept;
    }

    private static Integer week(LocalDate day) {
        return day.get(IsoFields.WEEK_BASED_YEAR) * 100 + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }

    private static Set<LocalDate> newestOfEach(List<LocalDate> newest, Function<LocalDate, ?> span, int spans) {
        return newest.stream()
                .collect(Collectors.groupingBy(span, java.util.LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .limit(spans)
                .map(days -> days.get(0))
                .collect(Collectors.toSet());
    }
}
