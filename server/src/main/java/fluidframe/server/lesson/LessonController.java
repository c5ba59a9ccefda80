package fluidframe.server.lesson;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.lesson.Item;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.lesson.LessonPlan;
import fluidframe.library.text.Cells;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotBlank;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lessons over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/lessons")
class LessonController extends DocumentController<Lesson, LessonView> {
    private static final int LONGEST_SPAN = 100;
    private static final int FEW = 4;

    private final Documents<Lesson, LessonView.LessonSummary> lessons;
    private final Calendar calendar;

    LessonController(Documents<Lesson, LessonView.LessonSummary> lessons, Calendar calendar) {
        super(lessons);
        this.lessons = lessons;
        this.calendar = calendar;
    }

    /** In order of time; found by time, by whom they are with, by place and by note. */
    @GetMapping
    Page<LessonView.LessonSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return lessons.page(new Page.Request("", q, after, limit));
    }

    /** Those of some days in order of time. */
    @GetMapping("/days")
    List<Page.Line<LessonView.LessonSummary>> days(
            @RequestParam @NotBlank String from, @RequestParam @NotBlank String to) {
        LocalDate first = Cells.date(from);
        LocalDate end = Cells.date(to);
        if (end.isAfter(first.plusDays(LONGEST_SPAN)) || end.isBefore(first)) {
            throw new IllegalArgumentException("Lessons are asked for from 0 to " + LONGEST_SPAN
                    + " days at once, but were from " + from + " to " + to);
        }
        return calendar.between(first, end);
    }

    /**
     * What was promised to a couple or group last.
     *
     * @param lesson in which it was; left out if there was none
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record PromisedView(Optional<String> lesson, Optional<String> at, List<String> promises) {}

    /** What was promised to a couple or group in the last lesson before a day, and is not yet kept. */
    @GetMapping("/promised")
    PromisedView promised(@RequestParam @NotBlank String whom, @RequestParam @NotBlank String before) {
        Optional<Page.Line<LessonView.LessonSummary>> last = calendar.lastBefore(whom, Cells.date(before));
        return new PromisedView(
                last.map(Page.Line::id),
                last.map(line -> line.summary().at()),
                last.map(line -> line.summary().promises()).orElse(List.of()));
    }

    /**
     * The lessons of a couple or group around a day.
     *
     * @param past the last few, the newest first
     * @param promises in the last of them, and not yet kept
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record LessonsAround(
            Optional<Page.Line<LessonView.LessonSummary>> next,
            List<Page.Line<LessonView.LessonSummary>> past,
            List<String> promises) {}

    /** The next lesson of a couple or group from a day on, the last few, and what was promised. */
    @GetMapping("/around")
    LessonsAround around(@RequestParam @NotBlank String whom, @RequestParam @NotBlank String day) {
        LocalDate on = Cells.date(day);
        List<Page.Line<LessonView.LessonSummary>> past = calendar.past(whom, on);
        return new LessonsAround(
                calendar.next(whom, on),
                past.subList(0, Math.min(FEW, past.size())),
                Calendar.last(past).map(line -> line.summary().promises()).orElse(List.of()));
    }

    /** The lesson with the minutes of its parts shared out anew: those set by hand or done keep theirs. */
    @PostMapping("/shared")
    SharedLesson shared(@RequestBody JsonNode document) {
        Lesson lesson = lessons.read(document);
        List<Item> items = LessonPlan.shared(lesson.items(), lesson.minutes());
        return new SharedLesson(json(lesson.planned(items, lesson.leftOut())));
    }

    /** A lesson as it would be, not kept. */
    record SharedLesson(@Schema(ref = ApiDescription.LESSON) JsonNode document) {}

    @Override
    protected LessonView view(Document<Lesson> kept) {
        return new LessonView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
