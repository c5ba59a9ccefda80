package fluidframe.server.record;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.Dance;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.lesson.LessonPlan;
import fluidframe.core.lesson.Topic;
import fluidframe.core.log.Danced;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Rate;
import fluidframe.core.log.Sort;
import fluidframe.core.log.Standing;
import fluidframe.core.routine.Routine;
import fluidframe.server.exercise.ExerciseShelf;
import fluidframe.server.lesson.Calendar;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.routine.RoutineSummary;
import fluidframe.server.store.Documents;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Plans lessons from what is known of those they are with. */
@Service
class Planner {
    /** Seen in fewer than one of so many runs of late, a fault is not worked on. */
    private static final int SHARE = 4;

    private final Whoms whoms;
    private final Known known;
    private final TaughtBook taught;
    private final Calendar calendar;
    private final FigureShelf shelf;
    private final ExerciseShelf exercises;
    private final Documents<Routine, RoutineSummary> routines;

    Planner(
            Whoms whoms,
            Known known,
            TaughtBook taught,
            Calendar calendar,
            FigureShelf shelf,
            ExerciseShelf exercises,
            Documents<Routine, RoutineSummary> routines) {
        this.whoms = whoms;
        this.known = known;
        this.taught = taught;
        this.calendar = calendar;
        this.shelf = shelf;
        this.exercises = exercises;
        this.routines = routines;
    }

    /** The lesson with a plan of its topics, and of what was promised in the lesson before. */
    Lesson planned(Lesson lesson) {
        Optional<Whoms.Whom> whom = whoms.find(lesson.with().id());
        Optional<Known.Runs> runs = whom.map(known::of);
        List<TaughtBook.TaughtView> versions =
                whom.map(Whoms.Whom::id).map(taught::of).orElse(List.of());
        List<Topic> topics = lesson.topics().stream()
                .map(about -> topic(about, runs, versions, whom))
                .toList();
        LessonPlan plan = LessonPlan.propose(new LessonPlan.Wish(
                lesson.minutes(),
                lesson.depth(),
                topics,
                calendar.promised(lesson.with().id(), lesson.at().toLocalDate()),
                whom.map(this::others).orElse(List.of()),
                exercises.all()));
        return lesson.planned(plan.items(), plan.leftOut());
    }

    /** What else they work on. */
    List<Lesson.About> others(Whoms.Whom whom) {
        Stream<Lesson.About> figures = whom.work().figures().stream()
                .flatMap(id -> shelf.repertoire().chart(id).stream())
                .map(chart ->
                        new Lesson.About("figure", chart.id(), chart.identity().name()));
        Stream<Lesson.About> danced = whom.work().routines().stream()
                .flatMap(id -> routines.find(id).stream())
                .map(routine -> new Lesson.About(
                        "routine", routine.id(), routine.value().name()));
        return Stream.concat(figures, danced).toList();
    }

    /** With what is known of how it is danced. */
    Topic topic(
            Lesson.About about,
            Optional<Known.Runs> runs,
            List<TaughtBook.TaughtView> versions,
            Optional<Whoms.Whom> whom) {
        Optional<Chart> chart =
                about.kind().equals("figure") ? shelf.repertoire().chart(about.id()) : Optional.empty();
        Entry.Subject subject = new Entry.Subject(about.kind(), about.id(), about.name());
        List<Danced> danced = runs.map(known -> subject.isRoutine() ? known.ofRoutine(about.id()) : known.of(subject))
                .orElse(List.of());
        return new Topic(
                about.kind(),
                about.id(),
                about.name(),
                whom.flatMap(Whoms.Whom::couple).map(couple -> couple.isAlone()).orElse(false),
                danced.isEmpty() ? Optional.empty() : Optional.of(Standing.of(danced)),
                weak(danced, subject.isRoutine()),
                runs.map(known -> known.tempoWanted(about.kind(), about.id())).orElse(OptionalDouble.empty()),
                moved(about, versions),
                chart.map(Chart::dance).or(() -> danceOf(about)),
                chart.map(Chart::start));
    }

    private Optional<Dance> danceOf(Lesson.About about) {
        return about.kind().equals("routine")
                ? routines.find(about.id()).map(found -> found.value().dance())
                : Optional.empty();
    }

    /** What was seen in the last few runs, most often first. */
    private static List<Topic.Weak> weak(List<Danced> runs, boolean routine) {
        List<Danced> lately = runs.subList(Math.max(0, runs.size() - Standing.LATELY), runs.size());
        Map<Sort, Entry.Fault> sorts = new LinkedHashMap<>();
        lately.forEach(run -> run.faults().forEach(fault -> sorts.put(fault.sort(), fault)));
        List<Topic.Weak> weak = new ArrayList<>();
        sorts.forEach((sort, fault) -> weak.add(new Topic.Weak(
                fault.role().toString(),
                fault.row(),
                fault.seen(),
                fault.cue(),
                new Rate((int) lately.stream().filter(run -> run.shows(sort)).count(), lately.size()),
                routine ? fault.figure() : "",
                routine ? fault.figureName() : "")));
        weak.removeIf(one -> one.rate().times() * SHARE < one.rate().of());
        weak.sort(Comparator.comparing((Topic.Weak one) -> -one.rate().times()));
        return weak;
    }

    private static String moved(Lesson.About about, List<TaughtBook.TaughtView> versions) {
        return versions.stream()
                .filter(view ->
                        view.kind().equals(about.kind()) && view.subject().equals(about.id()))
                .flatMap(view -> view.differences().stream())
                .findFirst()
                .map(difference -> (difference.bar() > 0 ? "bar " + difference.bar() + ", " : "") + difference.where()
                        + " is " + said(difference.after()))
                .orElse("");
    }

    private static String said(String value) {
        return value.isBlank() ? "gone" : value;
    }
}
