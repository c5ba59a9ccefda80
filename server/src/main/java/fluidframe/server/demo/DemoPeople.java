package fluidframe.server.demo;

import fluidframe.core.exercise.Exercises;
import fluidframe.core.lesson.Item;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.lesson.LessonPlan;
import fluidframe.core.lesson.Topic;
import fluidframe.core.people.Couple;
import fluidframe.core.routine.Routine;
import fluidframe.server.lesson.LessonView;
import fluidframe.server.log.LogBook;
import fluidframe.server.people.PeopleView;
import fluidframe.server.record.TaughtBook;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Eight weeks of a made-up studio until today: lessons, what was seen in them, and what was taught. */
@Component
class DemoPeople {
    static final int WEEKS = 8;

    private static final Pattern DAY = Pattern.compile("\\{today([+-]\\d+)?}");
    private static final List<LocalTime> TIMES =
            List.of(LocalTime.of(16, 0), LocalTime.of(17, 15), LocalTime.of(18, 30));
    private static final int MINUTES = 45;

    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<Lesson, LessonView.LessonSummary> lessons;
    private final Documents<Routine, RoutineSummary> routines;
    private final FigureShelf shelf;
    private final RoutineDesk desk;
    private final LogBook book;
    private final TaughtBook taught;
    private final Clock clock;

    DemoPeople(
            Documents<Couple, PeopleView.CoupleSummary> couples,
            Documents<Lesson, LessonView.LessonSummary> lessons,
            Documents<Routine, RoutineSummary> routines,
            FigureShelf shelf,
            RoutineDesk desk,
            LogBook book,
            TaughtBook taught,
            Clock clock) {
        this.couples = couples;
        this.lessons = lessons;
        this.routines = routines;
        this.shelf = shelf;
        this.desk = desk;
        this.book = book;
        this.taught = taught;
        this.clock = clock;
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /** The text with days such as {@code {today+19}} put in. */
    String dated(String text) {
        return DAY.matcher(text)
                .replaceAll(found -> today().plusDays(days(found.group(1))).toString());
    }

    private static long days(String text) {
        return text == null ? 0 : Long.parseLong(text);
    }

    void furnish() {
        List<String> ids = couples.saved().keySet().stream().sorted().toList();
        List<String> texts = new ArrayList<>();
        for (int i = 0; i < ids.size(); i++) {
            Couple couple = couples.get(ids.get(i)).value();
            // Every third couple is there today, the others on the two days before.
            for (int week = -WEEKS; week <= 2; week++) {
                LocalDate day = today().minusDays(i % TIMES.size()).plusDays(7L * week);
                texts.add(text(lesson(ids.get(i), couple, day, TIMES.get(i / TIMES.size() % TIMES.size()), week)));
            }
        }
        lessons.furnish(texts, Optional.empty());
        book.keepAll(
                new DemoLog(shelf, this::worked, id -> routines.get(id).value().name(), today())
                        .entries(ids.stream().map(couples::get).toList()));
        teach();
    }

    private RoutineDesk.WorkedOut worked(String routine) {
        return desk.worked(routines.get(routine).value());
    }

    private String text(Lesson lesson) {
        return lessons.traits().format().toJson(lesson).toString();
    }

    private Lesson lesson(String id, Couple couple, LocalDate day, LocalTime time, int week) {
        List<Lesson.About> topics = new ArrayList<>();
        List<String> figures = couple.work().figures();
        for (int i = 0; i < Math.min(2, figures.size()); i++) {
            String figure = figures.get(Math.floorMod(week + i, figures.size()));
            topics.add(new Lesson.About(
                    "figure",
                    figure,
                    shelf.shipped(figure).orElseThrow().identity().name()));
        }
        couple.work().routines().stream()
                .limit(1)
                .forEach(routine -> topics.add(new Lesson.About(
                        "routine", routine, routines.get(routine).value().name())));
        boolean past = day.isBefore(today());
        return new Lesson(
                day.atTime(time),
                MINUTES,
                new Lesson.With("couple", id, couple.name()),
                "Hall two",
                couple.work().events().isEmpty() ? 1 : 2,
                topics,
                past ? done(topics) : List.of(),
                List.of(),
                week == -1 || past && week == 0 ? promises(topics) : List.of(),
                "",
                past);
    }

    private static List<Lesson.Promise> promises(List<Lesson.About> topics) {
        return topics.stream()
                .limit(1)
                .map(topic -> new Lesson.Promise("the " + topic.name() + " to music, from both sides", false))
                .toList();
    }

    private static List<Item> done(List<Lesson.About> topics) {
        List<Topic> fresh = topics.stream()
                .map(topic -> new Topic(
                        topic.kind(),
                        topic.id(),
                        topic.name(),
                        false,
                        Optional.empty(),
                        List.of(),
                        OptionalDouble.empty(),
                        ""))
                .toList();
        return LessonPlan.propose(new LessonPlan.Wish(MINUTES, 1, fresh, List.of(), List.of(), Exercises.NONE))
                .items()
                .stream()
                .map(Item::asDone)
                .toList();
    }

    /** One couple learned a routine before its end was changed, another learned what stands now. */
    private void teach() {
        Instant then = clock.instant().minus(Duration.ofDays(33));
        Document<Routine> waltz = routines.get("long-floor-waltz");
        taught.teachAsItWas(
                "ines-and-tobin",
                waltz.id(),
                waltz.value().upTo(waltz.value().places().size() - 1),
                1,
                then);
        taught.teach("ines-and-tobin", "figure", "waltz.natural-spin-turn", then);
        taught.teach("mirela-and-joost", "routine", "showcase-rumba", then);
        taught.teach("oda-and-piet", "routine", "formal-evening-waltz", then);
    }
}
