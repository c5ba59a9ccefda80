package fluidframe.server.lesson;

import fluidframe.core.lesson.Lesson;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The lessons by their days. */
@Component
public class Calendar {
    /** Where the last lesson is looked for first, in days. */
    private static final int LATELY = 30;

    private final Documents<Lesson, LessonView.LessonSummary> lessons;

    Calendar(Documents<Lesson, LessonView.LessonSummary> lessons) {
        this.lessons = lessons;
    }

    /** Those of some days, in order of time; {@code to} is the first day that no longer counts. */
    public List<Page.Line<LessonView.LessonSummary>> between(LocalDate from, LocalDate to) {
        return between(from, to, "");
    }

    /** Those with one couple or group. */
    public List<Page.Line<LessonView.LessonSummary>> with(String whom, LocalDate from, LocalDate to) {
        return between(from, to, "with:" + whom + ".").stream()
                .filter(line -> line.summary().whom().equals(whom))
                .toList();
    }

    private List<Page.Line<LessonView.LessonSummary>> between(LocalDate from, LocalDate to, String search) {
        List<Page.Line<LessonView.LessonSummary>> found = new ArrayList<>();
        Optional<String> after = Optional.of(Page.from(from.toString()));
        while (after.isPresent()) {
            Page<LessonView.LessonSummary> page = lessons.uncounted(new Page.Request("", search, after.get(), 100));
            for (Page.Line<LessonView.LessonSummary> line : page.lines()) {
                if (line.summary().at().compareTo(to.toString()) >= 0) return found;
                found.add(line);
            }
            after = page.next();
        }
        return found;
    }

    /** What was promised in the last lesson given before a day; nothing if there was none. */
    public List<String> promised(String whom, LocalDate before) {
        return lastBefore(whom, before).map(line -> line.summary().promises()).orElse(List.of());
    }

    /** The last lesson before a day that was given, or in which something was promised. */
    Optional<Page.Line<LessonView.LessonSummary>> lastBefore(String whom, LocalDate before) {
        return last(backwards(whom, before.minusDays(LATELY), before))
                .or(() -> last(backwards(whom, before.minusYears(1), before)));
    }

    private List<Page.Line<LessonView.LessonSummary>> backwards(String whom, LocalDate from, LocalDate to) {
        List<Page.Line<LessonView.LessonSummary>> lessons = new ArrayList<>(with(whom, from, to));
        Collections.reverse(lessons);
        return lessons;
    }

    /** Those before a day or given on it, within a year; the newest first. */
    List<Page.Line<LessonView.LessonSummary>> past(String whom, LocalDate day) {
        List<Page.Line<LessonView.LessonSummary>> past = backwards(whom, day.minusYears(1), day.plusDays(1));
        past.removeIf(line -> !line.summary().held() && line.summary().at().compareTo(day.toString()) >= 0);
        return past;
    }

    /** The next one from a day on that has not been given, as far as anybody plans. */
    Optional<Page.Line<LessonView.LessonSummary>> next(String whom, LocalDate day) {
        return with(whom, day, day.plusYears(1)).stream()
                .filter(line -> !line.summary().held())
                .findFirst();
    }

    /** Of some, the newest first, the first that was given or in which something was promised. */
    static Optional<Page.Line<LessonView.LessonSummary>> last(List<Page.Line<LessonView.LessonSummary>> newestFirst) {
        return newestFirst.stream()
                .filter(line ->
                        line.summary().held() || !line.summary().promises().isEmpty())
                .findFirst();
    }
}
