package fluidframe.server.record;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.lesson.Lesson;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.server.access.OpenTo;
import fluidframe.server.lesson.LessonView;
import fluidframe.server.store.Documents;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans of lessons; nothing is kept. */
@RestController
@OpenTo
@RequestMapping("/api/lesson-plans")
class LessonPlanController {
    private final Documents<Lesson, LessonView.LessonSummary> lessons;
    private final Planner planner;

    LessonPlanController(Documents<Lesson, LessonView.LessonSummary> lessons, Planner planner) {
        this.lessons = lessons;
        this.planner = planner;
    }

    /** The lesson with a plan. */
    record PlannedLesson(
            @Schema(ref = ApiDescription.LESSON) JsonNode document) {}

    /** Plans the lesson that is sent: its topics, in its minutes, from what is known of those it is with. */
    @PostMapping
    PlannedLesson plan(@RequestBody JsonNode document) {
        return new PlannedLesson(LessonFormat.LESSON.toJson(planner.planned(lessons.read(document))));
    }
}
