package fluidframe.server.record;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.event.EventTerms;
import fluidframe.core.routine.Routine;
import fluidframe.server.access.OpenTo;
import fluidframe.server.event.EventView;
import fluidframe.server.lesson.Calendar;
import fluidframe.server.lesson.LessonView;
import fluidframe.server.log.LogBook;
import fluidframe.server.log.LogLine;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The day's work. */
@RestController
@OpenTo
@RequestMapping("/api/today")
class TodayController {
    private static final int MOST_ENTRIES = 8;
    private static final int NEXT_DAYS = 14;
    private static final int MOST_NEXT = 3;

    private final Calendar calendar;
    private final Whoms whoms;
    private final TaughtBook taught;
    private final LogBook book;
    private final Documents<EventTerms, EventView.EventSummary> events;
    private final Documents<Routine, RoutineSummary> routines;
    private final Clock clock;

    TodayController(
            Calendar calendar,
            Whoms whoms,
            TaughtBook taught,
            LogBook book,
            Documents<EventTerms, EventView.EventSummary> events,
            Documents<Routine, RoutineSummary> routines,
            Clock clock) {
        this.calendar = calendar;
        this.whoms = whoms;
        this.taught = taught;
        this.book = book;
        this.events = events;
        this.routines = routines;
        this.clock = clock;
    }

    /**
     * The day's work.
     *
     * @param date today
     * @param lessons of today in order of time
     * @param next the first lessons of the days that follow
     * @param people how many couples and groups there are
     */
    record TodayView(
            String date,
            List<TodayLesson> lessons,
            List<TodayLesson> next,
            List<TodayEvent> events,
            List<OpenRoutine> open,
            List<MovedOn> movedOn,
            List<LogLine> entries,
            int people) {}

    /** @param promised in the lesson before */
    record TodayLesson(
            String id,
            String at,
            int minutes,
            String whom,
            String name,
            String where,
            List<String> topics,
            List<String> promised,
            boolean planned,
            boolean held) {}

    /** An event that is ahead; {@code whom} are those who aim at it. */
    record TodayEvent(String id, String name, String date, long days, List<TodayName> whom) {}

    /** Somebody or something by id and name. */
    record TodayName(String id, String name) {}

    /** A routine of which not everything holds; {@code missing} figures are gone. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record OpenRoutine(String id, String name, int brokenJoins, int missing) {}

    /** Something that has changed since it was taught. */
    record MovedOn(String whom, String whomName, String kind, String id, String name, int differences, String first) {}

    @GetMapping
    TodayView today() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        List<Whoms.Named> everybody = whoms.all();
        return new TodayView(
                today.toString(),
                lessons(calendar.between(today, today.plusDays(1))),
                lessons(calendar.between(today.plusDays(1), today.plusDays(NEXT_DAYS)).stream()
                        .limit(MOST_NEXT)
                        .toList()),
                events(today, everybody),
                open(),
                movedOn(everybody),
                book.newest(MOST_ENTRIES).stream().map(LogLine::of).toList(),
                everybody.size());
    }

    private List<TodayLesson> lessons(List<Page.Line<LessonView.LessonSummary>> lines) {
        return lines.stream()
                .map(line -> {
                    LessonView.LessonSummary lesson = line.summary();
                    LocalDate day = LocalDate.parse(lesson.at().substring(0, 10));
                    return new TodayLesson(
                            line.id(),
                            lesson.at(),
                            lesson.minutes(),
                            lesson.whom(),
                            lesson.name(),
                            lesson.where(),
                            lesson.topics(),
                            calendar.promised(lesson.whom(), day),
                            lesson.parts() > 0,
                            lesson.held());
                })
                .toList();
    }

    private List<TodayEvent> events(LocalDate today, List<Whoms.Named> everybody) {
        return events.summaries().entrySet().stream()
                .filter(event -> event.getValue().date() != null)
                .filter(event -> !LocalDate.parse(event.getValue().date()).isBefore(today))
                .map(event -> new TodayEvent(
                        event.getKey(),
                        event.getValue().name(),
                        event.getValue().date(),
                        ChronoUnit.DAYS.between(
                                today, LocalDate.parse(event.getValue().date())),
                        everybody.stream()
                                .filter(whom -> whom.work().events().contains(event.getKey()))
                                .map(whom -> new TodayName(whom.id(), whom.name()))
                                .toList()))
                .sorted(Comparator.comparing(TodayEvent::date))
                .toList();
    }

    private List<OpenRoutine> open() {
        Map<String, RoutineSummary> all = routines.summaries();
        return all.entrySet().stream()
                .filter(routine -> routine.getValue().brokenJoins() != 0
                        || routine.getValue().missing() > 0)
                .map(routine -> new OpenRoutine(
                        routine.getKey(),
                        routine.getValue().name(),
                        routine.getValue().brokenJoins(),
                        routine.getValue().missing()))
                .sorted(Comparator.comparing(OpenRoutine::name))
                .toList();
    }

    private List<MovedOn> movedOn(List<Whoms.Named> everybody) {
        Map<String, String> names = everybody.stream().collect(Collectors.toMap(Whoms.Named::id, Whoms.Named::name));
        return taught.movedOn().stream()
                .filter(view -> names.containsKey(view.whom()))
                .map(view -> {
                    TaughtBook.DifferenceView first = view.differences().get(0);
                    return new MovedOn(
                            view.whom(),
                            names.get(view.whom()),
                            view.kind(),
                            view.subject(),
                            view.name(),
                            view.differences().size(),
                            first.bar() > 0 ? "bar " + first.bar() : first.where());
                })
                .toList();
    }
}
