package fluidframe.core.log;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What became of one fault over the weeks.
 *
 * @param last as it was written down last, with the latest cue
 * @param all in all runs in which its figure was danced
 * @param weeks in which the figure was danced, the earliest first
 * @param change from the earlier half of the runs to the later
 * @param helped the cue after which it became rarer, if that is more than chance
 */
public record Course(
        Sort sort,
        Entry.Fault last,
        Rate all,
        List<Week> weeks,
        Change change,
        Optional<CueTold> helped,
        List<CueTold> cues) {
    /** Runs on either side of a cue below which nothing is compared. */
    private static final int FEWEST = 3;

    public Course {
        weeks = List.copyOf(weeks);
        cues = List.copyOf(cues);
    }

    /** A week by its Monday. */
    public record Week(LocalDate monday, Rate rate) {}

    /**
     * A cue, and the fault before and after it was first given. The run in which it was given is in neither: it has the fault,
     * or nothing would have been said.
     *
     * @param betterNextTime whether the fault was gone in the very next run; empty if there was none
     */
    public record CueTold(String cue, LocalDate since, Change change, Optional<Boolean> betterNextTime) {}

    /**
     * The courses of all faults seen, those seen in most runs first.
     *
     * @param runs the earliest first
     * @param danced whether a figure was danced in a run
     * @param most how many are followed
     */
    public static List<Course> of(List<Danced> runs, FigureDanced danced, ZoneId zone, int most) {
        Map<Sort, Entry.Fault> last = new LinkedHashMap<>();
        Map<Sort, Integer> times = new HashMap<>();
        for (Danced run : runs) {
            run.faults().forEach(fault -> last.merge(fault.sort(), fault, Course::later));
            run.sorts().forEach(sort -> times.merge(sort, 1, Integer::sum));
        }
        return last.entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<Sort, Entry.Fault> one) -> -times.get(one.getKey()))
                        .thenComparing(one -> one.getKey().row()))
                .limit(most)
                .map(one -> {
                    Sort sort = one.getKey();
                    List<Danced> concerned = runs.stream()
                            .filter(run -> run.shows(sort) || danced.in(run, sort.figure()))
                            .toList();
                    return course(sort, one.getValue(), concerned, zone);
                })
                .toList();
    }

    /** Whether a figure was danced in a run. */
    @FunctionalInterface
    public interface FigureDanced {
        boolean in(Danced run, String figure);

        /** A figure by itself; of a routine only what is known to be in it. */
        static FigureDanced alone() {
            return (run, figure) ->
                    !run.subject().isRoutine() && run.subject().id().equals(figure);
        }
    }

    private static Entry.Fault later(Entry.Fault before, Entry.Fault last) {
        if (!last.cue().isBlank() || before.cue().isBlank()) return last;
        return new Entry.Fault(
                last.figure(),
                last.figureName(),
                last.place(),
                last.role(),
                last.row(),
                last.seen(),
                last.cause(),
                before.cue());
    }

    private static Course course(Sort sort, Entry.Fault last, List<Danced> runs, ZoneId zone) {
        int half = runs.size() / 2;
        Change change = Change.between(rate(sort, runs.subList(0, half)), rate(sort, runs.subList(half, runs.size())));
        List<CueTold> cues = cues(sort, runs, zone);
        Optional<CueTold> helped = cues.stream()
                .filter(cue -> cue.change().verdict() == Change.Verdict.RARER)
                .min(Comparator.comparing(cue -> cue.change().high()));
        return new Course(sort, last, rate(sort, runs), weeks(sort, runs, zone), change, helped, cues);
    }

    private static Rate rate(Sort sort, List<Danced> runs) {
        return new Rate((int) runs.stream().filter(run -> run.shows(sort)).count(), runs.size());
    }

    private static List<Week> weeks(Sort sort, List<Danced> runs, ZoneId zone) {
        Map<LocalDate, List<Danced>> weeks = new LinkedHashMap<>();
        for (Danced run : runs) {
            LocalDate monday = day(run, zone).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
            weeks.computeIfAbsent(monday, key -> new ArrayList<>()).add(run);
        }
        return weeks.entrySet().stream()
                .map(week -> new Week(week.getKey(), rate(sort, week.getValue())))
                .toList();
    }

    private static List<CueTold> cues(Sort sort, List<Danced> runs, ZoneId zone) {
        Set<String> words = new LinkedHashSet<>();
        for (Danced run : runs) cuesIn(run, sort).forEach(words::add);
        // The more cues are tried, the easier one of them seems to have helped.
        double error = Rate.ERROR / Math.max(1, words.size());
        return words.stream().map(cue -> told(cue, sort, runs, error, zone)).toList();
    }

    private static CueTold told(String cue, Sort sort, List<Danced> runs, double error, ZoneId zone) {
        int given = 0;
        while (!cuesIn(runs.get(given), sort).contains(cue)) given++;
        List<Danced> before = runs.subList(0, given);
        List<Danced> after = runs.subList(given + 1, runs.size());
        boolean few = before.size() < FEWEST || after.size() < FEWEST;
        Change change = few
                ? new Change(rate(sort, before), rate(sort, after), -1, 1)
                : Change.between(rate(sort, before), rate(sort, after), error);
        return new CueTold(
                cue,
                day(runs.get(given), zone),
                change,
                after.stream().findFirst().map(next -> !next.shows(sort)));
    }

    private static List<String> cuesIn(Danced run, Sort sort) {
        return run.faults().stream()
                .filter(fault -> fault.sort().equals(sort) && !fault.cue().isBlank())
                .map(fault -> fault.cue().strip())
                .toList();
    }

    private static LocalDate day(Danced run, ZoneId zone) {
        return LocalDate.ofInstant(run.at(), zone);
    }
}
