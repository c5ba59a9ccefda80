package fluidframe.server.practice;

import fluidframe.core.practice.Practice;
import fluidframe.library.text.Cells;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Plans of practice over HTTP. */
@RestController
@RequestMapping("/api/practices")
class PracticeController extends DocumentController<Practice, PracticeView> {
    private final Documents<Practice, PracticeView.PracticeSummary> practices;

    PracticeController(Documents<Practice, PracticeView.PracticeSummary> practices) {
        super(practices);
        this.practices = practices;
    }

    /** In order of their events, if wanted from a day on; found by whom they are with, by event and by note. */
    @GetMapping
    Page<PracticeView.PracticeSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        String begin =
                after.isBlank() && !from.isBlank() ? Page.from(Cells.date(from).toString()) : after;
        return practices.page(new Page.Request("", q, begin, limit));
    }

    @Override
    protected PracticeView view(Document<Practice> kept) {
        return new PracticeView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
