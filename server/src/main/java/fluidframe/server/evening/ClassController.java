package fluidframe.server.evening;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.evening.ClassEvening;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Evenings of a class over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/classes")
class ClassController extends DocumentController<ClassEvening, ClassView> {
    private final Documents<ClassEvening, ClassView.ClassSummary> classes;
    private final Rounds rounds;

    ClassController(Documents<ClassEvening, ClassView.ClassSummary> classes, Rounds rounds) {
        super(classes);
        this.classes = classes;
        this.rounds = rounds;
    }

    /** In order of time, if wanted from a day on; found by group, by place, by what is danced and by note. */
    @GetMapping
    Page<ClassView.ClassSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return classes.page(new Page.Request("", q, Page.begin(from, after), limit));
    }

    /** Plans the rounds of the evening that is sent; nothing is kept. */
    @PostMapping("/rotation")
    RotationView rotation(@RequestBody @Schema(ref = ApiDescription.CLASS) JsonNode document) {
        return rounds.planned(classes.read(document));
    }

    @Override
    protected ClassView view(Document<ClassEvening> kept) {
        return new ClassView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
