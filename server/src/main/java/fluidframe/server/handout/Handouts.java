package fluidframe.server.handout;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.evening.ClassEvening;
import fluidframe.core.exercise.Drill;
import fluidframe.core.exercise.SetUp;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.log.Entry;
import fluidframe.core.practice.Practice;
import fluidframe.core.routine.Routine;
import fluidframe.server.evening.ClassView;
import fluidframe.server.evening.Rounds;
import fluidframe.server.event.EventReports;
import fluidframe.server.lesson.LessonView;
import fluidframe.server.list.Lists;
import fluidframe.server.log.LogBook;
import fluidframe.server.practice.PracticeView;
import fluidframe.server.repertoire.FigureListing;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.repertoire.FigureSummary;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Service;

/** Every sheet that there is, by what it is and of what. */
@Service
class Handouts {
    private static final int MOST_CARDS = 400;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    static final List<String> WHAT =
            List.of("figure", "comparison", "routine", "part", "syllabus", "lesson", "practice", "class", "cards");

    private final FigureShelf shelf;
    private final Documents<Chart, FigureListing> charts;
    private final Documents<Routine, RoutineSummary> routines;
    private final RoutineDesk desk;
    private final EventReports reports;
    private final Teaching teaching;
    private final Lists lists;

    /** Where lessons, practice, classes and exercises are kept. */
    @Component
    record Teaching(
            Documents<Lesson, LessonView.LessonSummary> lessons,
            Documents<Practice, PracticeView.PracticeSummary> practices,
            Documents<ClassEvening, ClassView.ClassSummary> classes,
            Documents<Drill, ?> drills,
            Documents<SetUp, ?> cards,
            Rounds rounds,
            LogBook book,
            Clock clock) {}

    Handouts(
            FigureShelf shelf,
            Documents<Chart, FigureListing> charts,
            Documents<Routine, RoutineSummary> routines,
            RoutineDesk desk,
            EventReports reports,
            Teaching teaching,
            Lists lists) {
        this.shelf = shelf;
        this.charts = charts;
        this.routines = routines;
        this.desk = desk;
        this.reports = reports;
        this.teaching = teaching;
        this.lists = lists;
    }

    /**
     * A sheet.
     *
     * @param what one of {@link #WHAT}
     * @param id of what; a dance or {@code all} for a syllabus and for cards
     * @param with of what else: the other figure of a comparison, the event of a report, the list of a syllabus; blank for
     *     nothing
     */
    Sheet sheet(String what, String id, String with, Wish wish) {
        return switch (what) {
            case "figure" -> figure(id, wish);
            case "comparison" -> FigureSheets.comparison(wish, chart(id), chart(with));
            case "routine" -> routine(id, with, wish);
            case "part" -> part(id, wish);
            case "syllabus" -> syllabus(id, with, wish);
            case "lesson" -> lesson(id, wish);
            case "practice" -> practice(id, wish);
            case "class" -> evening(id, wish);
            case "cards" -> cards(id, wish);
            default ->
                throw new IllegalArgumentException(
                        "A sheet must be one of " + String.join(", ", WHAT) + ", but was \"" + what + "\"");
        };
    }

    private Chart chart(String id) {
        return charts.find(id)
                .map(Document::value)
                .or(() -> shelf.shipped(id))
                .orElseGet(() -> charts.get(id).value());
    }

    private Sheet figure(String id, Wish wish) {
        Optional<Document<Chart>> own = charts.find(id);
        return new FigureSheets(wish, chart(id))
                .sheet(own.map(Handouts::version).orElse(""));
    }

    private static String version(Document<?> document) {
        return version(document.version(), document.savedAt());
    }

    private static String version(long version, Instant savedAt) {
        return "version " + version + " of "
                + savedAt.atZone(ZoneId.systemDefault()).format(DAY);
    }

    private Sheet routine(String id, String event, Wish wish) {
        Document<Routine> routine = routines.get(id);
        return new RoutineSheets(wish, routine.value(), desk.rehearsed(routine.value()))
                .whole(version(routine), event.isBlank() ? Optional.empty() : Optional.of(reports.of(event, id)));
    }

    private Sheet part(String id, Wish wish) {
        Document<Routine> routine = routines.get(id);
        return new RoutineSheets(wish, routine.value(), desk.rehearsed(routine.value())).part(version(routine));
    }

    private static Optional<Dance> dance(String id) {
        return id.equals("all") ? Optional.empty() : Optional.of(Dance.parse(id));
    }

    private Sheet syllabus(String id, String list, Wish wish) {
        Map<Dance, List<FigureSummary>> dances = new EnumMap<>(Dance.class);
        dance(id).ifPresent(one -> dances.put(one, List.of()));
        shelf.listed(dance(id)).stream()
                .map(listed -> listed.listing().summary())
                .forEach(figure -> {
                    Dance of = Dance.parse(figure.dance());
                    List<FigureSummary> more = new ArrayList<>(dances.getOrDefault(of, List.of()));
                    more.add(figure);
                    dances.put(of, more);
                });
        return SyllabusSheets.of(wish, lists.list(list.isBlank() ? Lists.STARTER : list), dances);
    }

    private Sheet lesson(String id, Wish wish) {
        Document<Lesson> lesson = teaching.lessons().get(id);
        List<Entry> log =
                teaching.book().ofLesson(id).stream().map(LogBook.Kept::entry).toList();
        return new TeachingSheets(wish).lesson(lesson.value(), log, version(lesson));
    }

    private Sheet practice(String id, Wish wish) {
        Document<Practice> practice = teaching.practices().get(id);
        return new TeachingSheets(wish)
                .practice(
                        practice.value(),
                        LocalDate.now(teaching.clock().withZone(ZoneId.systemDefault())),
                        version(practice));
    }

    private Sheet evening(String id, Wish wish) {
        Document<ClassEvening> evening = teaching.classes().get(id);
        return new TeachingSheets(wish)
                .rounds(evening.value(), teaching.rounds().planned(evening.value()), version(evening));
    }

    private Sheet cards(String id, Wish wish) {
        Optional<Dance> dance = dance(id);
        List<SetUp> cards = all(teaching.cards()).stream()
                .filter(card -> dance.isEmpty()
                        || card.dances().isEmpty()
                        || card.dances().contains(dance.get()))
                .toList();
        List<Drill> drills = all(teaching.drills()).stream()
                .filter(drill -> dance.isEmpty()
                        || drill.dances().isEmpty()
                        || drill.dances().contains(dance.get()))
                .toList();
        return new TeachingSheets(wish)
                .cards(cards, drills, dance.map(Dance::title).orElse("Every dance"));
    }

    private static <T> List<T> all(Documents<T, ?> documents) {
        return documents.summaries().keySet().stream()
                .sorted()
                .limit(MOST_CARDS)
                .map(id -> documents.get(id).value())
                .toList();
    }
}
