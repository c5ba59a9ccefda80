package fluidframe.server.lesson;

import fluidframe.core.lesson.Lesson;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import java.time.LocalDate;
import java.util.ArrayList;
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
        Optional<Page.Line<LessonView.LessonSummary>> last = last(with(whom, before.minusDays(LATELY), before));
        return last.or(() -> last(with(whom, before.minusYears(1), before)));
    }

    /** The last that was given, or in which something was promised. */
    private static Optional<Page.Line<LessonView.LessonSummary>> last(List<Page.Line<LessonView.LessonSummary>> past) {
        for (int i = past.size() - 1; i >= 0; i--) {
            LessonView.LessonSummary lesson = past.get(i).summary();
            if (lesson.held() || !lesson.promises().isEmpty()) return Optional.of(past.get(i));
        }
        return Optional.empty();
    }
}
