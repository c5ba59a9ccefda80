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
        return between(from, to, "with:" + whom + ".");
    }

    private List<Page.Line<LessonView.LessonSummary>> between(LocalDate from, LocalDate to, String search) {
        List<Page.Line<LessonView.LessonSummary>> found = new ArrayList<>();
        Optional<String> after = Optional.of(Page.from(from.toString()));
        while (after.isPresent()) {
            Page<LessonView.LessonSummary> page = lessons.page(new Page.Request("", search, after.get(), 100));
            for (Page.Line<LessonView.LessonSummary> line : page.lines()) {
                if (line.summary().at().compareTo(to.toString()) >= 0) return found;
                found.add(line);
            }
            after = page.next();
        }
        return found;
    }

    /** What was promised in the last lesson given before a day, the latest first; nothing if there was none. */
    public List<String> promised(String whom, LocalDate before) {
        List<Page.Line<LessonView.LessonSummary>> past = with(whom, before.minusYears(1), before);
        for (int i = past.size() - 1; i >= 0; i--) {
            if (!past.get(i).summary().promises().isEmpty())
                return past.get(i).summary().promises();
            if (past.get(i).summary().held()) return List.of();
        }
        return List.of();
    }
}
