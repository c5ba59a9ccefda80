package fluidframe.server.exercise;

import fluidframe.core.exercise.Drill;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Drills over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/drills")
class DrillController extends DocumentController<Drill, ExerciseView.DrillKept> {
    private final Documents<Drill, ExerciseView.DrillSummary> drills;

    DrillController(Documents<Drill, ExerciseView.DrillSummary> drills) {
        super(drills);
        this.drills = drills;
    }

    @GetMapping
    Page<ExerciseView.DrillSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return drills.page(new Page.Request("", q, after, limit));
    }

    @Override
    protected ExerciseView.DrillKept view(Document<Drill> kept) {
        return new ExerciseView.DrillKept(
                kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
